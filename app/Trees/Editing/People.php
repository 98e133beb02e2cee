<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Name;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Tree;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Families\FamilyWriter;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Entry\EntryEvent;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Family\Command\TidyCouples;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** Makes people, names them, deletes them. Called inside an open change set. */
final readonly class People
{
    public function __construct(private CurrentTree $current, private Facts $facts, private FamilyWriter $families)
    {
    }

    /** @param  Sex  $expected the sex that the relation says, where the line does not */
    public function enter(OneLineEntry $entry, Sex $expected = Sex::Unknown): Person
    {
        if ($entry->name->isEmpty() && $entry->events === []) {
            throw new Refusal('Type a name first. A name that is not known is “?”.');
        }
        $person = $this->named($entry->name, $entry->sex === Sex::Unknown ? $expected : $entry->sex);
        foreach (array_diff_key($entry->events, ['marriage' => 0]) as $kind => $event) {
            $this->facts->add('person_id', $person->id, self::eventValues($kind, $event));
        }

        return $person;
    }

    /** Makes somebody of whom a name and a sex is told, and nothing else yet. */
    public function named(PersonalName $name, Sex $sex): Person
    {
        $person = Person::query()->create(['number' => $this->nextNumber(), 'sex' => $sex->value]);
        $this->addName($person, $name, NameKind::Birth);

        return $person;
    }

    public function addName(Person $person, PersonalName $name, NameKind $kind): Name
    {
        return Name::query()->create([
            'person_id' => $person->id,
            'kind' => $kind->value,
            'position' => 1 + (int) Name::query()->where('person_id', $person->id)->max('position'),
            ...Name::columns($name),
        ]);
    }

    public function changeName(Name $row, int $versionRead, PersonalName $name, NameKind $kind): void
    {
        ChangedMeanwhile::unless($row, $versionRead, [...Name::columns($name), 'kind' => $kind->value]);
        $row->fill([...Name::columns($name), 'kind' => $kind->value])->save();
    }

    /** @throws Refusal when it is to be ruled out and no reason is given, or when nothing would be left that counts */
    public function standName(Name $name, string $standing, string $why): void
    {
        if ($standing === 'ruled out' && $why === '') {
            throw new Refusal('Write why it is ruled out, so that nobody finds it again.');
        }
        $others = Name::query()->where('person_id', $name->person_id)->where('id', '<>', $name->id)->get();
        if ($standing === 'ruled out' && $others->every(static fn (Name $name): bool => $name->standing === 'ruled out')) {
            throw new Refusal('No other name would be left. Add the right one first; an unknown name is “?”.');
        }
        if ($standing === 'accepted') {
            // What led before gives way, and is as good as it was.
            foreach ($others->where('standing', 'accepted') as $rival) {
                $rival->fill(['standing' => 'unweighed'])->save();
            }
        }
        $name->fill(['standing' => $standing])->save();
    }

    public function deleteName(Change $change, Name $name): void
    {
        if (Name::query()->where('person_id', $name->person_id)->count() < 2) {
            throw new Refusal('This is the only name. Change it instead; an unknown name is “?”.');
        }
        $change->deleteWhole($name);
    }

    public function delete(Change $change, Person $person): void
    {
        $unions = [
            ...UnionPartner::query()->where('person_id', $person->id)->pluck('union_id')->all(),
            ...ParentSet::query()->where('child_id', $person->id)->pluck('union_id')->all(),
        ];
        if ($this->current->get()->centre_person_id === $person->id) {
            Tree::query()->whereKey($this->current->id())->update(['centre_person_id' => null]);
        }
        DB::table('members')->where('tree_id', $this->current->id())->where('centre_person_id', $person->id)
            ->update(['centre_person_id' => null]);
        $change->deleteWhole($person);
        $this->families->run(new TidyCouples(array_values(array_unique($unions))));
    }

    /** How much goes when this person is deleted: facts, ties, citations. */
    public function weightOf(Person $person): string
    {
        $facts = Event::query()->where('person_id', $person->id)->count();
        $unions = UnionPartner::query()->where('person_id', $person->id)->pluck('union_id');
        // Each parent, each partner and each child is a tie.
        $ties = Parentage::query()->whereIn('parent_set_id', ParentSet::query()->where('child_id', $person->id)->select('id'))->count()
            + UnionPartner::query()->whereIn('union_id', $unions)->where('person_id', '<>', $person->id)->count()
            + ParentSet::query()->whereIn('union_id', $unions)->count();
        $citations = Claim::query()->whereIn('event_id', Event::query()->where('person_id', $person->id)->select('id'))->count();

        return $facts.' '.Str::plural('fact', $facts).", {$ties} family ".Str::plural('tie', $ties)." and {$citations} "
            .Str::plural('citation', $citations);
    }

    /** @return array{kind: string, date: string, place: string} */
    public static function eventValues(string $kind, EntryEvent $event): array
    {
        return ['kind' => $kind, 'date' => $event->date->typed, 'place' => $event->place];
    }

    private function nextNumber(): int
    {
        return Tree::query()->findOrFail($this->current->id())->takeNumbers(1);
    }
}
