<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\RulesCommand;
use App\Files\Disk;
use App\Files\LocalDisk;
use App\Files\RemoteDisk;
use App\Health\QuickConnector;
use App\Labs\ProfileStore;
use App\Lists\KeptRules;
use App\Models\Studio;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use App\Views\FailureCache;
use App\Views\KeptViews;
use App\Workers\JobLedger;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use League\Flysystem\Local\LocalFilesystemAdapter;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Reading\Rule\RuleBook;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->runningInConsole() || $this->waitsNoLonger(request());
        $this->app->singleton(Disk::class, fn (): Disk => self::disk());
        $this->app->singleton(
            Profiles::class,
            fn (): Profiles => new Profiles($this->app->make(ProfileStore::class)->path(...), storage_path('app/previews/tables')),
        );
        $this->app->singleton(
            PictureStore::class,
            fn (): PictureStore => new PictureStore(
                $this->app->make(Disk::class),
                $this->app->make(Profiles::class),
                $this->app->make(MarkStore::class),
            ),
        );
        $this->app->scoped(Studio::class, fn (): Studio => Studio::query()->first() ?? new Studio());
        $this->app->singleton(MarkStore::class, fn (): MarkStore => new MarkStore($this->app->make(Disk::class)));
        $this->app->singleton(ProfileStore::class, fn (): ProfileStore => new ProfileStore($this->app->make(Disk::class)));
        $this->app->singleton(
            KeptViews::class,
            fn (): KeptViews => new KeptViews(storage_path('app/previews'), $this->app->make(FailureCache::class)),
        );
    }

    /** A page waits two seconds for what hangs, and then says so: others want its process. */
    private function waitsNoLonger(Request $request): void
    {
        QuickConnector::limit(! $request->isMethodSafe());
        $this->app->bind('db.connector.mariadb', QuickConnector::class);
        $this->app->make('config')->set([
            'filesystems.disks.s3.retries' => 0,
            'filesystems.disks.s3.http' => [
                'connect_timeout' => QuickConnector::SECONDS,
                'curl' => [CURLOPT_LOW_SPEED_LIMIT => 1, CURLOPT_LOW_SPEED_TIME => QuickConnector::SECONDS],
            ],
            'database.redis.default.timeout' => QuickConnector::SECONDS,
            'database.redis.default.read_write_timeout' => QuickConnector::SECONDS,
        ]);
    }

    private static function disk(): Disk
    {
        $disk = Storage::disk();
        $adapter = $disk instanceof FilesystemAdapter ? $disk->getAdapter() : throw new \LogicException('A disk is one of Flysystem’s.');

        return $adapter instanceof LocalFilesystemAdapter
            ? new LocalDisk(rtrim($disk->path(''), '/'))
            : new RemoteDisk($adapter, storage_path('app/scratch'), Cache::store('file'), isPatient: app()->runningInConsole());
    }

    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
        JobLedger::watch();
        RuleBook::keptBy(KeptRules::read(...));
        $this->optimizes(RulesCommand::NAME, key: 'rules');
    }
}
