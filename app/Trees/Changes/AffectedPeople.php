<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\OwnEventKind;
use App\Models\Record;
use App\Models\RestsOn;
use App\Models\Source;
use App\Models\TreeModel;

/** The people whose derived lines a change may have made stale. */
final class AffectedPeople
{
    /** @var array<string, true> */
    private array $ids = [];

    /** @var array<string, true> */
    private array $unions = [];

    /** @var array<string, true> */
    private array $couples = [];

    private bool $isBulk = false;

    /** How many people there are more, or fewer, than before. */
    public int $people = 0;

    /** @var array<string, true> */
    private array $tables = [];

    /** @var array<string, true> questions of which a ground was written or went */
    private array $deciding = [];

    /** @var array<string, true> words of kinds of event */
    private array $eventWords = [];

    /** @var array<string, true> ids of the rows themselves */
    private array $rows = [];

    /**
     * @var array<string, list<string>> sources and records of which claims take their classes, and were said to be of
     *     another class or kind; by table
     */
    private array $reclassed = ['records' => [], 'sources' => []];

    /** Notes what of a row that is about to be changed changes the classes of its claims. */
    public function affectsClassification(TreeModel $row): void
    {
        if (($row instanceof Record && $row->isDirty(['source_class', 'kind', 'record_kind_id']))
            || ($row instanceof Source && $row->isDirty(['kind', 'source_kind_id']))) {
            $this->reclassed[$row->getTable()][] = $row->id;
        }
    }

    /** @return array<string, list<string>> ids of `records` and of `sources` */
    public function reclassed(): array
    {
        return $this->reclassed;
    }

    public function by(TreeModel $row): void
    {
        if ($row instanceof OwnEventKind) {
            $this->eventWords[mb_strtolower($row->word)] = true;
        }
        $this->rows[$row->id] = true;
        $this->tables[$row->getTable()] = true;
        if ($row instanceof RestsOn && $row->deciding_question_id !== null) {
            $this->deciding[$row->deciding_question_id] = true;
        }
        $ids = $row->getTable() === 'people' ? [$row->id] : [...self::ever($row, 'person_id'), ...self::ever($row, 'child_id')];
        $unions = self::ever($row, 'union_id');
        if ($row->getTable() === 'events') {
            $this->unions += array_fill_keys($unions, true);
        }
        $this->couples += array_fill_keys($row->getTable() === 'unions' ? [$row->id] : $unions, true);
        $this->ids += array_fill_keys($ids, true);
    }

    /** @return list<string> what a column says, and what it said before: who lost a row is touched as well as who gets it */
    private static function ever(TreeModel $row, string $column): array
    {
        return array_values(array_unique(array_filter([$row->getAttribute($column), $row->getRawOriginal($column)], is_string(...))));
    }

    /** @return list<string> words of kinds of event of one's own of which something was changed, in small letters */
    public function eventWords(): array
    {
        return array_map(strval(...), array_keys($this->eventWords));
    }

    /** @return list<string> questions whose ground was touched though they were not decided anew */
    public function reopened(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->deciding, $this->rows)));
    }

    /** @return list<string> */
    public function rows(): array
    {
        return array_map(strval(...), array_keys($this->rows));
    }

    /** Whether a row of one of these tables was touched. */
    public function hasAny(string ...$tables): bool
    {
        return array_intersect_key($this->tables, array_flip($tables)) !== [];
    }

    /** Whether a row, or somebody, was touched. */
    public function has(string $id): bool
    {
        return isset($this->rows[$id]) || isset($this->ids[$id]);
    }

    /** Notes that rows were written of which none is known by itself. */
    public function inBulk(): void
    {
        $this->isBulk = true;
    }

    public function isBulk(): bool
    {
        return $this->isBulk;
    }

    /** @return list<string> unions of which something was told */
    public function unions(): array
    {
        return array_map(strval(...), array_keys($this->unions));
    }

    /** @return list<string> unions of which anything was changed, what is told of them as well as who belongs to them */
    public function couples(): array
    {
        return array_map(strval(...), array_keys($this->couples));
    }

    /** @return list<string> */
    public function people(): array
    {
        return array_map(strval(...), array_keys($this->ids));
    }
}
