import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { sessionQuery, useNetwork } from "../../book/queries";
import type { NetworkView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { useMay } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";

/** The door to the local network: the switch, the address as it is typed or scanned, and how a phone comes to trust it. */
export function NetworkCard() {
  const queries = useQueryClient();
  const network = useNetwork();
  const mayTurn = useMay("owner");
  const [error, setError] = useState<unknown>(null);
  const turn = async (open: boolean) => {
    setError(null);
    try {
      queries.setQueryData(["network"], await answered(api.PUT("/api/network", { body: { open } })));
      await queries.invalidateQueries({ queryKey: sessionQuery.queryKey });
    } catch (refused) {
      setError(refused);
    }
  };
  if (!network.data) return <Failure error={network.error} />;
  const { open, heldOpen } = network.data;
  return (
    <Card label="phones on the local network">
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 2 }}>
        <Typography variant="h2" component="h1">
          Phones on the local network
        </Typography>
        {mayTurn && !(open && heldOpen) && (
          <Button variant="outlined" onClick={() => void turn(!open)} sx={{ ml: "auto" }}>
            {open ? "Shut the book to the network" : "Open to the local network"}
          </Button>
        )}
      </Box>
      <Failure error={error} />
      {open ? (
        <Open network={network.data} />
      ) : (
        <Typography variant="body2">
          Gassel listens on this computer alone. Open to the local network, phones can record at the bench
          over an encrypted connection (TLS), and everybody signs in, here too. Add the owner under People
          first.
        </Typography>
      )}
      {open && heldOpen && <Typography variant="body2">Opened by --lan at the start.</Typography>}
    </Card>
  );
}

function Open({ network }: { network: NetworkView }) {
  const { palette } = useDevice();
  const [first, ...others] = network.addresses;
  if (!first)
    return (
      <Typography>
        This computer has no address on a local network just now; connect it to see the address here.
      </Typography>
    );
  return (
    <>
      <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "flex-start", mt: 1 }}>
        <Box sx={{ bgcolor: "#fff", p: 0.5, lineHeight: 0, border: `1px solid ${palette.line}` }}>
          <img
            src="/api/network/address.svg"
            alt={`the address ${first} as a code to scan`}
            width={148}
            height={148}
          />
        </Box>
        <Box sx={{ flex: "1 1 16em" }}>
          <Typography
            sx={{ fontWeight: 700, fontSize: "1.15rem", wordBreak: "break-all" }}
            data-testid="network-address"
          >
            {first}
          </Typography>
          {others.length > 0 && (
            <Typography variant="body2" sx={{ wordBreak: "break-all" }}>
              also {others.join(", ")}
            </Typography>
          )}
          {network.fingerprint ? (
            <Trust fingerprint={network.fingerprint} />
          ) : (
            <Typography variant="body2">With a certificate of your own.</Typography>
          )}
        </Box>
      </Box>
    </>
  );
}

function Trust({ fingerprint }: { fingerprint: string }) {
  const { palette } = useDevice();
  return (
    <Box component="ol" sx={{ pl: 2.5, my: 1, "& li": { mb: 0.5 } }}>
      <li>
        Scan the code or type the address on the phone. It warns that it does not know the certificate; go on
        this once.
      </li>
      <li>
        Load{" "}
        <a href="/authority.crt" download style={{ color: palette.slate, fontWeight: 600 }}>
          the certificate of this book
        </a>{" "}
        there. It can vouch for addresses of a local network and for nothing else. Its SHA-256 fingerprint
        must be
        <Typography
          component="span"
          sx={{ display: "block", fontFamily: "monospace", fontSize: "0.8rem", wordBreak: "break-all" }}
        >
          {fingerprint}
        </Typography>
      </li>
      <li>
        Trust it. Android: Settings, Security, Install a certificate, CA certificate. iOS: Settings, Profile
        downloaded, Install; then General, About, Certificate Trust Settings, switch it on. The words differ
        by version.
      </li>
      <li>
        Open the address again and sign in. Put it on the home screen: Rounds and Count then open without
        connection too.
      </li>
    </Box>
  );
}
