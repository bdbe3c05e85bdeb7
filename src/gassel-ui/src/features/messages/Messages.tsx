import { Box, Typography } from "@mui/material";
import { useMessages, useSite } from "../../book/queries";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { momentWords } from "../../time/moments";
import { SiteParts } from "../site/SiteParts";
import { MailServer } from "./MailServer";
import { Recipients } from "./Recipients";

/** E-mail: alarms as they arise and a list in the morning, by whichever server the grower has. */
export function Messages() {
  const messages = useMessages();
  const site = useSite().data;
  if (messages.error) return <Failure error={messages.error} />;
  if (!messages.data || !site) return <Loading what="the messages" />;
  const { server, wishes, sent } = messages.data;
  return (
    <>
      <SiteParts />
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <MailServer server={server} />
        <Recipients wishes={wishes} ready={server !== null} />
        <Card label="sent" sx={{ gridColumn: "1 / -1" }}>
          <Typography variant="h2">Sent</Typography>
          {sent.length === 0 && <Typography>Nothing yet.</Typography>}
          {sent.map((message) => (
            <Box key={message.id} data-testid={`sent-${message.id}`} sx={{ mt: 1 }}>
              <Typography sx={{ fontWeight: 600 }}>{message.subject}</Typography>
              <Typography variant="body2" color="text.secondary">
                {momentWords(message.madeAt, site.timeZone, site.today)}, to {message.mail}; {message.reason}
                {message.sentAt === null &&
                  `; ${message.isGivenUp ? "given up" : "not sent yet"}, tried ${several(message.tries, "time")}`}
                {message.fault !== null && message.sentAt === null && `: ${message.fault}`}
              </Typography>
            </Box>
          ))}
        </Card>
      </Box>
    </>
  );
}
