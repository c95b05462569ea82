[global]
daemonize = no
pid = @RUN@/php-fpm.pid
error_log = @LOGS@/php-fpm.log
log_limit = 8192
[app]
listen = @RUN@/php-fpm.sock
listen.mode = 0660
listen.backlog = 511
pm = static
pm.max_children = @CHILDREN@
pm.max_requests = 1000
pm.status_path = /_fpm
request_terminate_timeout = 300s ; nginx waits 60 s, and longer only for whole orders
catch_workers_output = yes
clear_env = no ; what it is started with is a list already (as_app in lib.sh)
