<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Name;
use App\Models\Parentage;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Changes\JournalEntries;
use App\Trees\Dating\SourceDates;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Evidence\RuledOutValue;
use NorthBough\Core\Naming\PersonalName;

/** Values that were ruled out before, and why. They are asked for before a value is entered anew. */
final readonly class RuledOutValues
{
    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private SourceDates $dates)
    {
    }

    /** @throws Refusal when the very value was ruled out, with why; the details say `again` */
    public function refuseAgain(string $personId, string $kind, string $date, string $value): void
    {
        $isAny = DB::table('events')->where('tree_id', $this->current->id())->where('person_id', $personId)->where('kind', $kind)
            ->where('standing', 'ruled out')->exists();
        $before = $isAny
            ? RuledOutValue::among($this->tree->eventsOf([$personId])[$personId] ?? [], $kind, $this->dates->read($date, null),
                $value) : null;
        if ($before !== null) {
            $why = $this->why($before->id);
            throw new Refusal("{$before->word()} {$before->date->shown} was ruled out".($why === '' ? '.' : ": {$why}"), 409,
                ['again' => true]);
        }
    }

    /** @throws Refusal when the very name was ruled out, with why; the details say `again` */
    public function refuseNameAgain(string $personId, PersonalName $typed): void
    {
        foreach (Name::query()->where('person_id', $personId)->where('standing', 'ruled out')->get() as $name) {
            if ($name->personalName()->equals($typed)) {
                $why = $this->why($name->id);
                throw new Refusal("The name {$typed->shown()} was ruled out".($why === '' ? '.' : ": {$why}"), 409, ['again' => true]);
            }
        }
    }

    /** @throws Refusal when the two were ruled out as a couple, or as parent and child, with why */
    public function refuseTieAgain(string $relation, string $personId, string $relativeId): void
    {
        $tie = match ($relation) {
            'partner' => UnionPartner::query()->where('standing', 'ruled out')->whereIn('person_id', [$personId, $relativeId])
                ->whereIn('union_id', UnionPartner::query()->where('person_id', $personId)->select('union_id'))
                ->whereIn('union_id', UnionPartner::query()->where('person_id', $relativeId)->select('union_id'))->first(),
            'sibling' => null,
            'child' => Parentage::between($relativeId, $personId)->where('standing', 'ruled out')->first(),
            default => Parentage::between($personId, $relativeId)->where('standing', 'ruled out')->first(),
        };
        if ($tie !== null) {
            $why = $this->why($tie->id);
            throw new Refusal(($relation === 'partner' ? 'They were ruled out as a couple' : 'That was ruled out')
                .($why === '' ? '.' : ": {$why}").' It can be let stand again at its line of kin.', 409);
        }
    }

    /** The words with which somebody ruled it out. */
    public function why(string $rowId): string
    {
        return (string) JournalEntries::of($this->current->id())->where('journal.row_id', $rowId)->where('journal.op', 'update')
            ->whereRaw("journal.before->>'standing' IS NOT NULL")
            ->orderByDesc('change_sets.seq')->value('change_sets.why');
    }
}
