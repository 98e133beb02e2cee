<?php

declare(strict_types=1);

namespace App\Trees\Derived\Finding;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Life\Window\BoundNetwork;
use stdClass;

/** Lives for whose birth or death all that is told leaves no day, as findings. They follow from the stored windows. */
final readonly class WindowFindings implements DerivedData
{
    private const RULE = 'window';

    /** As the partial index of life_windows has it. */
    private const IMPOSSIBLE = 'born_from > born_to OR died_from > died_to OR born_from = '.BoundNetwork::LAST.' OR died_from = '
        .BoundNetwork::LAST.' OR born_to = '.BoundNetwork::FIRST.' OR died_to = '.BoundNetwork::FIRST;

    public function __construct(private CurrentTree $current)
    {
    }

    /** They follow from the windows alone, which know whom a change affects. */
    public function affectedBy(AffectedPeople $affected): array
    {
        return [];
    }

    /** Few lives are impossible, so that all are looked for: whose windows moved is not known here. */
    public function refresh(array $personIds): void
    {
        $this->rebuild();
    }

    /** What is found no longer goes, what is new comes, and the rest stays as it is. */
    public function rebuild(): void
    {
        $found = [];
        foreach (DB::table('life_windows')->where('tree_id', $this->current->id())->whereRaw('('.self::IMPOSSIBLE.')')->orderBy('person_id')
            ->get() as $row) {
            foreach (['birth' => ['born_from', 'born_to'], 'death' => ['died_from', 'died_to']] as $aspect => [$from, $to]) {
                if (self::leavesNoDay($row->{$from}, $row->{$to})) {
                    $finding = $this->row($row, $aspect, $row->{$from}, $row->{$to});
                    $found[(string) $finding['read_hash']] = $finding;
                }
            }
        }
        $there = $this->rows()->pluck('read_hash')->all();
        // A statement takes no more than 65,535 values.
        foreach (array_chunk(array_diff($there, array_keys($found)), 5000) as $gone) {
            $this->rows()->whereIn('read_hash', $gone)->delete();
        }
        foreach (array_chunk(array_values(array_diff_key($found, array_flip($there))), 500) as $some) {
            DB::table('findings')->insert($some);
        }
    }

    private static function leavesNoDay(?int $from, ?int $to): bool
    {
        return $from === BoundNetwork::LAST || $to === BoundNetwork::FIRST || ($from !== null && $to !== null && $from > $to);
    }

    /** @return array<string, string|bool|float> */
    private function row(stdClass $window, string $aspect, ?int $from, ?int $to): array
    {
        $isEndless = $from === BoundNetwork::LAST || $to === BoundNetwork::FIRST || $from === null || $to === null;
        $ground = $isEndless ? 'What is told goes round in a circle: somebody would be born before themselves.'
            : 'Not before '.DayWords::of($from).', and not after '.DayWords::of($to).'. The person’s page shows why.';

        return ['tree_id' => $this->current->id(), 'rule' => self::RULE, 'person_id' => $window->person_id, 'aspect' => "{$aspect} window",
            'is_hard' => true,
            'badness' => $isEndless ? 1.0 : min(1.0, ($from - $to) / 36525), 'ground' => $ground, 'subjects' => '[]',
            'read_hash' => hash('xxh128', "{$window->person_id} {$aspect} {$from} {$to}")];
    }

    private function rows(): Builder
    {
        return DB::table('findings')->where('tree_id', $this->current->id())->where('rule', self::RULE);
    }
}
