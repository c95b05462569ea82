<?php

declare(strict_types=1);

namespace App\Workers;

use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\Events\JobExceptionOccurred;
use Illuminate\Queue\Events\JobProcessed;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** Notes what each worker is doing, whatever keeps the queue, so that it isn't lost with the worker. */
final class JobLedger
{
    public static function watch(): void
    {
        Queue::before(fn (JobProcessing $event) => self::isQueued($event->connectionName) && self::take($event->job));
        Queue::after(fn (JobProcessed $event) => self::isQueued($event->connectionName) && self::lay());
        Queue::exceptionOccurred(fn (JobExceptionOccurred $event) => self::isQueued($event->connectionName) && self::lay());
    }

    private static function isQueued(string $connection): bool
    {
        return config("queue.connections.{$connection}.driver") !== 'sync';
    }

    private static function take(Job $job): void
    {
        Machines::isThere();
        DB::table('jobs_in_hand')->updateOrInsert(
            ['holder' => Holder::me()->mark()],
            ['queue' => $job->getQueue(), 'job_id' => (string) $job->getJobId(), 'payload' => $job->getRawBody()],
        );
    }

    private static function lay(): void
    {
        rescue(
            fn () => DB::table('jobs_in_hand')
                ->where('holder', Holder::me()->mark())
                ->delete(),
            report: false,
        );
    }
}
