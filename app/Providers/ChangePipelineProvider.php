<?php

declare(strict_types=1);

namespace App\Providers;

use App\Trees\Changes\ChangeStep;
use App\Trees\Changes\ChangeSteps;
use App\Trees\Changes\CountPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Changes\DerivedTables;
use App\Trees\Changes\Recalculation;
use App\Trees\Changes\StampChangeDates;
use App\Trees\Derived\AffectedKin;
use App\Trees\Derived\CoupleIndex;
use App\Trees\Derived\Finding\ConflictFindings;
use App\Trees\Derived\Finding\WindowFindings;
use App\Trees\Derived\PersonIndex;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Derived\Window\StoredWindows;
use App\Trees\Evidence\OpenQuestions;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\ServiceProvider;

/** What follows from every change. A new step, or a new derived table, is one line here. */
final class ChangePipelineProvider extends ServiceProvider
{
    /** @var list<class-string<ChangeStep>> */
    private const STEPS = [OpenQuestions::class, StampChangeDates::class, CountPeople::class];

    /** @var list<class-string<DerivedData>> couples are listed by the names of people */
    private const AT_ONCE = [PersonIndex::class, CoupleIndex::class];

    /** @var list<class-string<DerivedData>> findings follow from windows */
    private const IN_QUEUE = [StoredWindows::class, ConflictFindings::class, WindowFindings::class];

    public function register(): void
    {
        $this->app->scoped(AffectedKin::class);
        $this->app->bind(Recalculation::class, RecalculationQueue::class);
        $this->app->bind(ChangeSteps::class,
            static fn (Application $app): ChangeSteps => new ChangeSteps(
                array_map(static fn (string $step): ChangeStep => $app->make($step), self::STEPS)));
        $this->app->bind(DerivedTables::class, static fn (Application $app): DerivedTables => new DerivedTables(
            array_map(static fn (string $table): DerivedData => $app->make($table), self::AT_ONCE),
            array_map(static fn (string $table): DerivedData => $app->make($table), self::IN_QUEUE),
        ));
    }
}
