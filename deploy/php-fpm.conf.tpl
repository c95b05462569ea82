[global]
daemonize = no
pid = @RUN@/php-fpm.pid
error_log = @LOGS@/php-fpm.log
log_limit = 8192
[app]
listen = @RUN@/php-app.sock
listen.mode = 0660
listen.backlog = 511
pm = static
pm.max_children = @CHILDREN@
pm.max_requests = 1000
pm.status_path = /_fpm
request_terminate_timeout = 300s ; nginx waits 60 s, and longer only for whole orders
catch_workers_output = yes
clear_env = no ; what it is started with is a list already (as_app in lib.sh)
; Who isn't signed in: clients behind their links, sign-ins. They come after whoever works here.
[guests]
listen = @RUN@/php-guests.sock
listen.mode = 0660
listen.backlog = 64
pm = static
pm.max_children = 2
pm.max_requests = 1000
request_terminate_timeout = 60s
catch_workers_output = yes
clear_env = no
env[PLANISHER_BEHIND] = 5
; Previews, and lists that are read: the studio's, and costly.
[looks]
listen = @RUN@/php-looks.sock
listen.mode = 0660
listen.backlog = 511
pm = static
pm.max_children = 3
pm.max_requests = 1000
request_terminate_timeout = 60s
catch_workers_output = yes
clear_env = no
env[PLANISHER_BEHIND] = 2
; What watches, and never more than one at a time.
[health]
listen = @RUN@/php-health.sock
listen.mode = 0660
listen.backlog = 64
pm = static
pm.max_children = 1
pm.max_requests = 10000
request_terminate_timeout = 5s
catch_workers_output = yes
clear_env = no
