<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\Event;
use App\Models\Join;
use App\Models\Name;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\UnionPartner;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Families\FamilyWriter;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Family\Command\MergePeople;
use NorthBough\Core\Join\DoubleKin;
use NorthBough\Core\Join\FamilyPlan;
use NorthBough\Core\Join\Fate;
use NorthBough\Core\Join\JoinPlan;
use NorthBough\Core\Join\ValuePlan;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person as PersonValue;

/** Joins two people who are one: plans it, and does what was planned as one change set. */
final readonly class JoinPeople
{
    /** Ties are the family's own business; the rest of what hangs on a person goes over row by row. */
    private const TIES = [UnionPartner::class, ParentSet::class, Parentage::class];

    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private FamilyWriter $families,
        private MovedRows $rows,
        private ChangeSets $changes,
    ) {
    }

    /**
     * What joining them would do; nothing is written.
     *
     * @param  list<string>  $leading  ids of names and facts that were chosen to lead
     *
     * @throws Refusal where they cannot be joined, saying why
     */
    public function plan(Person $kept, Person $gone, array $leading = []): JoinPlan
    {
        $command = new MergePeople($kept->id, $gone->id);
        [$graph, $changes] = $this->families->plan($command);
        $people = $this->people($kept, $gone);
        $lives = $this->tree->lives($graph->personIds());

        return new JoinPlan($kept->id, $gone->id, self::sex($kept, $gone), ValuePlan::of($people[0], $people[1], $leading),
            FamilyPlan::of($graph, $changes, array_map(static fn (PersonValue $life): string => $life->name()->shown(), $lives), $kept->id,
                $gone->id), $this->rows->counted($gone->id), $this->remarks($kept, $gone),
            DoubleKin::of($kept->id, $gone->id, $graph, $lives));
    }

    /**
     * @param  list<string>  $leading  ids of names and facts that were chosen to lead
     * @return Join what was joined, by which it is taken apart again
     *
     * @throws Refusal where they cannot be joined, saying why
     */
    public function join(Person $kept, Person $gone, array $leading, ?User $user, string $why): Join
    {
        $summary = "Joined {$this->shown($gone)} to {$this->shown($kept)}";

        return $this->changes->run(new Intent($user, $summary, $why), function (Change $change) use ($kept, $gone, $leading): Join {
            $kept = Person::query()->findOrFail($kept->id);
            $gone = Person::query()->findOrFail($gone->id);
            [$keptPerson, $gonePerson] = $this->people($kept, $gone);
            $values = ValuePlan::of($keptPerson, $gonePerson, $leading);
            $this->families->run(new MergePeople($kept->id, $gone->id));
            $this->values($values, $kept->id);
            $this->rows->move(Person::class, $gone->id, $kept->id, [...self::TIES, Name::class, Event::class]);
            $kept->fill(['sex' => self::sex($kept, $gone)->value,
                'said_dead_why' => $kept->said_dead_why === '' ? $gone->said_dead_why : $kept->said_dead_why,
                'restriction' => $kept->restriction === '' ? $gone->restriction : $kept->restriction]);
            $kept->isDirty() && $kept->save();
            $number = $gone->number;
            $gone->deleteWhole();

            return Join::query()->create(['kept_person_id' => $kept->id, 'gone_id' => $gone->id, 'gone_number' => $number,
                'choices' => ['set' => $change->id, 'leading' => $leading]]);
        });
    }

    private function values(ValuePlan $plan, string $keptId): void
    {
        $position = [Name::class => (int) Name::query()->where('person_id', $keptId)->max('position'),
            Event::class => (int) Event::query()->where('person_id', $keptId)->max('position')];
        $first = (int) Name::query()->where('person_id', $keptId)->min('position');
        foreach ($plan->values as $value) {
            $class = $value->isName ? Name::class : Event::class;
            if ($value->fate === Fate::Same) {
                $this->rows->move($class, $value->id, $value->sameAs);
                $class::query()->where('id', $value->id)->firstOrFail()->deleteWhole();

                continue;
            }
            $changes = $value->isName ? [] : ['standing' => $value->standing->value];
            if (! $value->isOfKept) {
                $changes += ['person_id' => $keptId, 'ordinal' => -1, 'position' => ++$position[$class]];
            }
            if ($value->fate === Fate::Leads && $value->isName) {
                $changes['position'] = --$first;
            }
            $row = $class::query()->where('id', $value->id)->firstOrFail()->fill($changes);
            $row->isDirty() && $row->save();
        }
    }

    /** @return array{PersonValue, PersonValue} */
    private function people(Person $kept, Person $gone): array
    {
        $people = $this->tree->people([$kept->id, $gone->id]);

        return [$people[$kept->id], $people[$gone->id]];
    }

    private static function sex(Person $kept, Person $gone): Sex
    {
        $sex = Sex::from($kept->sex);

        return $sex === Sex::Unknown ? Sex::from($gone->sex) : $sex;
    }

    /** @return list<string> */
    private function remarks(Person $kept, Person $gone): array
    {
        $remarks = [];
        [$sex, $otherSex] = [Sex::from($kept->sex), Sex::from($gone->sex)];
        if ($sex !== Sex::Unknown && $otherSex !== Sex::Unknown && $sex !== $otherSex) {
            $remarks[] = "{$this->shown($kept)} is {$sex->word()} and {$this->shown($gone)} is {$otherSex->word()}: {$sex->word()} stays.";
        }
        foreach ([$kept, $gone] as $person) {
            if (! $this->isTied($person->id)) {
                $remarks[] = "{$this->shown($person)} is tied to nobody: joining them is the lesser risk.";
            }
        }
        if ($this->areOnOneRecord($kept->id, $gone->id)) {
            $remarks[] = 'They stand on two lines of one record: whoever wrote it held them for two people.';
        }

        return $remarks;
    }

    private function isTied(string $personId): bool
    {
        return UnionPartner::query()->where('person_id', $personId)->exists() || ParentSet::query()->where('child_id', $personId)->exists()
            || Parentage::query()->where('person_id', $personId)->exists();
    }

    private function areOnOneRecord(string $id, string $otherId): bool
    {
        return DB::table('placings as a')->join('roll_lines as la', static fn ($join) => $join->on('la.tree_id', 'a.tree_id')
            ->on('la.id', 'a.roll_line_id'))
            ->join('roll_lines as lb', static fn ($join) => $join->on('lb.tree_id', 'la.tree_id')->on('lb.record_id', 'la.record_id')
                ->on('lb.id', '<>', 'la.id'))
            ->join('placings as b', static fn ($join) => $join->on('b.tree_id', 'lb.tree_id')->on('b.roll_line_id', 'lb.id'))
            ->where('a.tree_id', $this->current->id())->where('a.person_id', $id)->where('b.person_id', $otherId)
            ->where('a.state', 'placed')->where('b.state', 'placed')->exists();
    }

    private function shown(Person $person): string
    {
        return (string) DB::table('person_lines')->where('tree_id', $this->current->id())->where('person_id', $person->id)
            ->value('shown_name')." (no. {$person->number})";
    }
}
