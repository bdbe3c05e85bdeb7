# The same numbers of each sowing in base R: indices, Wilson and Clopper-Pearson intervals, and the curve by optim.
# Argument: a file with a sowing a line, seeds sown and the new seedlings of twenty counts on days 2, 4, ... 40.
# Writes sowings a second and the sum of the log-likelihoods.
data <- as.matrix(read.csv(commandArgs(TRUE)[1], header = FALSE))
day <- 2 * seq_len(ncol(data) - 1)

time_of <- function(x, n) {
  up <- c(0, cumsum(n)); at <- c(0, day)
  i <- which(up >= x - 1e-9)[1]
  at[i - 1] + (at[i] - at[i - 1]) * (x - up[i - 1]) / n[i - 1]
}

one <- function(row) {
  sown <- row[1]; n <- row[-1]; N <- sum(n)
  if (N == 0) return(0)
  mean <- sum(n * day) / N
  indices <- c(sapply(c(.1, .25, .5, .75, .9), function(q) time_of(q * N, n)), time_of((N + 1) / 2, n), mean,
    if (N > 1) sum(n * (day - mean)^2) / (N - 1), 1 / mean, 100 / mean, sum(n / day), sum(choose(n, 2)) / choose(N, 2),
    -sum(ifelse(n > 0, n / N * log2(n / N), 0)), max(100 * cumsum(n) / sown / day))
  z <- qnorm(.975); p <- N / sown
  wilson <- (p + z^2 / (2 * sown) + c(-1, 1) * z * sqrt(p * (1 - p) / sown + z^2 / (4 * sown^2))) / (1 + z^2 / sown)
  exact <- c(qbeta(.025, N, sown - N + 1), qbeta(.975, N + 1, sown - N))
  if (sum(n > 0) < 2) return(0)
  from <- c(0, day[-length(day)]); last <- day[length(day)]
  loglik <- function(v) {
    G <- function(t) ifelse(t <= 0, 0, 1 / (1 + exp(exp(v[2]) * (v[1] - log(pmax(t, 1e-300))))))
    d <- min(1, N / (sown * G(last)))
    s <- n > 0
    l <- sum(n[s] * log(pmax(d * (G(day[s]) - G(from[s])), 1e-300)))
    if (sown > N) l <- l + (sown - N) * log(pmax(1 - d * G(last), 1e-300))
    -l
  }
  fit <- optim(c(log(indices[3]), log(5)), loglik, control = list(reltol = 1e-10, maxit = 1000))
  -optim(fit$par, loglik, control = list(reltol = 1e-10, maxit = 1000))$value
}

clock <- proc.time()[["elapsed"]]
sum <- sum(apply(data, 1, one))
took <- proc.time()[["elapsed"]] - clock
cat(nrow(data) / took, sum)
