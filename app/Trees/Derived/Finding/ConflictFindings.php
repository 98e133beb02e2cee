<?php

declare(strict_types=1);

namespace App\Trees\Derived\Finding;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Derived\AffectedKin;
use App\Trees\Derived\Window\LifeEvidence;
use App\Trees\Evidence\ConflictSubjects;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Evidence\Conflict\Conflict;

/** Conflicts of a whole tree, as findings that wait until somebody takes them up. */
final readonly class ConflictFindings implements DerivedData
{
    private const AT_ONCE = 1000;

    public function __construct(
        private CurrentTree $current,
        private ConflictSubjects $subjects,
        private LifeEvidence $kin,
        private EveryRow $everybody,
        private AffectedKin $affected,
    ) {
    }

    public function affectedBy(AffectedPeople $affected): array
    {
        return $this->affected->withPresent($affected);
    }

    /**
     * Finds anew what disagrees about these, and about their children, of whom a parent's sex may say who cannot be both mothers.
     *
     * @param  list<string>  $ids
     */
    public function refresh(array $ids): void
    {
        foreach (array_chunk(array_values(array_unique([...$ids, ...$this->kin->childrenOf($ids)])), self::AT_ONCE) as $some) {
            $this->rows()->whereIn('person_id', $some)->delete();
            $this->store($some);
        }
    }

    public function rebuild(): void
    {
        $this->rows()->delete();
        foreach ($this->everybody->people(self::AT_ONCE) as $ids) {
            $this->store($ids);
        }
    }

    /** @param  list<string>  $ids */
    private function store(array $ids): void
    {
        $rows = [];
        foreach ($this->subjects->conflicts($ids) as $personId => $conflicts) {
            foreach ($conflicts as $conflict) {
                $rows[] = $this->row((string) $personId, $conflict);
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            DB::table('findings')->insert($some);
        }
    }

    /** @return array<string, string|bool|float> */
    private function row(string $personId, Conflict $conflict): array
    {
        return ['tree_id' => $this->current->id(), 'rule' => "conflict {$conflict->aspect}", 'person_id' => $personId,
            'aspect' => $conflict->aspect, 'is_hard' => $conflict->isHard(), 'badness' => $conflict->badness,
            'ground' => $conflict->ground, 'subjects' => json_encode($conflict->ids, JSON_THROW_ON_ERROR),
            'read_hash' => hash('xxh128', "{$conflict->aspect} {$conflict->ground} ".implode(' ', $conflict->ids))];
    }

    private function rows(): Builder
    {
        return DB::table('findings')->where('tree_id', $this->current->id())->where('rule', 'like', 'conflict %');
    }
}
