# What Laravel doesn't rotate itself (its own files are one a day, kept for two weeks).
@LOGS@/*.log @LOGS@/*.out {
  size 5M
  rotate 4
  missingok
  notifempty
  copytruncate
  compress
}
