<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\Claim;
use App\Models\Event;
use App\Models\GroupMember;
use App\Models\Marking;
use App\Models\MediaLink;
use App\Models\Name;
use App\Models\Note;
use App\Models\OutsideLink;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Placing;
use App\Models\Question;
use App\Models\Region;
use App\Models\SearchPerson;
use App\Models\Task;
use App\Models\TreeModel;
use App\Models\UnionPartner;
use App\Models\WorkingSetPerson;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** What hangs on something goes over to something else that it turns out to be: everything, for the database says what hangs on it. */
final readonly class MovedRows
{
    /** What somebody is in once: the column that says in what. */
    private const ONCE = [GroupMember::class => 'group_id', Marking::class => 'mark_id', WorkingSetPerson::class => 'working_set_id',
        SearchPerson::class => 'search_id', Placing::class => 'roll_line_id'];

    /** What is counted of somebody who is joined, by the word for it. */
    private const COUNTED = [
        'names' => [Name::class], 'facts' => [Event::class], 'ties' => [UnionPartner::class, ParentSet::class, Parentage::class],
        'lines of records' => [Placing::class], 'notes' => [Note::class], 'pictures' => [MediaLink::class, Region::class],
        'tasks' => [Task::class], 'questions' => [Question::class],
        'groups and marks' => [GroupMember::class, Marking::class], 'links elsewhere' => [OutsideLink::class],
    ];

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * Called inside an open change set.
     *
     * @param  class-string<TreeModel>  $class
     * @param  list<class-string<TreeModel>>  $except  kinds of row that stay
     */
    public function move(string $class, string $fromId, string $toId, array $except = []): void
    {
        foreach (Pointing::at($class) as [$model, $column]) {
            foreach (in_array($model, $except, true) ? [] : $model::query()->where($column, $fromId)->orderBy('id')->get() as $row) {
                $this->moveRow($row, $column, $toId);
            }
        }
    }

    /** @return array<string, int> how much of each goes over with somebody; what there is none of is missing */
    public function counted(string $personId): array
    {
        $counts = [];
        foreach (self::COUNTED as $word => $models) {
            foreach (Person::dependents() as [$model, $column]) {
                if (in_array($model, $models, true)) {
                    $counts[$word] = ($counts[$word] ?? 0) + $model::query()->where($column, $personId)->count();
                }
            }
        }
        $counts['citations'] = Claim::query()->where('person_id', $personId)
            ->orWhereIn('event_id', Event::query()->where('person_id', $personId)->select('id'))
            ->orWhereIn('name_id', Name::query()->where('person_id', $personId)->select('id'))->count();

        return array_filter($counts);
    }

    private function moveRow(TreeModel $row, string $column, string $toId): void
    {
        $once = self::ONCE[$row::class] ?? null;
        $there = $once === null ? null : $row::query()->where($column, $toId)->where($once, $row->getAttribute($once))->first();
        if ($there !== null) {
            $this->joinRows($row, $there);

            return;
        }
        $row->fill([$column => $toId,
            ...($row instanceof MediaLink ? ['position' => $this->after($column, $toId), 'is_main' => false] : [])])
            ->save();
    }

    /** Two rows that say the same: what one says more goes to the other. */
    private function joinRows(TreeModel $gone, TreeModel $into): void
    {
        $this->move($gone::class, $gone->id, $into->id);
        foreach (['why', 'reason'] as $words) {
            $mine = (string) $gone->getAttribute($words);
            $theirs = (string) $into->getAttribute($words);
            if ($mine !== '' && ! str_contains($theirs, $mine)) {
                $into->setAttribute($words, $theirs === '' ? $mine : "{$theirs} {$mine}");
            }
        }
        $isPlaced = $gone instanceof Placing && $gone->state === 'placed' && $into->getAttribute('state') !== 'placed';
        $gone->deleteWhole();
        $isPlaced && $into->setAttribute('state', 'placed');
        $into->isDirty() && $into->save();
    }

    private function after(string $column, string $id): int
    {
        return 1 + (int) DB::table('media_links')->where('tree_id', $this->current->id())->where($column, $id)->max('position');
    }
}
