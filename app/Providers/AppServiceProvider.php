<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\RenamedMigrations;
use App\Trees\Changes\OpenChange;
use App\Trees\Changes\ReadVersion;
use App\Trees\Editing\HeldCitation;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\OrderedIds;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Events\CommandStarting;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use NorthBough\Core\Family\NewIds;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(NewIds::class, OrderedIds::class);
        $this->app->scoped(CurrentTree::class);
        $this->app->scoped(OpenChange::class);
        $this->app->scoped(ReadVersion::class);
        $this->app->scoped(HeldCitation::class);
        $this->app->scoped(TreeEventKinds::class);
        $this->app->scoped(TreeRecordKinds::class);
        $this->app->scoped(TreeSourceKinds::class);
    }

    public function boot(): void
    {
        Event::listen(CommandStarting::class, RenamedMigrations::class);
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(10)->by('email:'.mb_strtolower((string) $request->input('email'))),
            Limit::perMinute(60)->by('address:'.$request->ip()),
        ]);
    }
}
