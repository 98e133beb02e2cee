<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Person;
use App\Models\Record;
use App\Models\Search;
use App\Models\Source;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Dating\SourceDates;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\EventKinds;

/** Points out that what is about to be entered is there already. Saving the very same again enters it all the same. */
final readonly class DuplicateEntry
{
    public function __construct(private CurrentTree $current, private SourceDates $dates, private TreeEventKinds $kinds)
    {
    }

    /**
     * @param  string  $column  person_id or union_id
     * @param  array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, denied?: bool}  $values
     *
     * @throws Refusal when the same is told of the same person or couple
     */
    public function refuseFact(string $column, string $ownerId, array $values): void
    {
        $kind = EventKinds::all()[$values['kind']] ?? null;
        if ($kind === null || ($values['denied'] ?? false)) {
            return;
        }
        $date = $this->dates->read($values['date'] ?? '', null);
        $words = trim($values['typeWords'] ?? '');
        $isSingle = $kind->single || $values['kind'] === 'marriage' || $this->kinds->named($values['kind'], $words)->single;
        foreach (Event::query()->where($column, $ownerId)->where('kind', $values['kind'])->where('denied', false)
            ->where('standing', '<>', 'ruled out')->orderBy('position')->orderBy('id')->get() as $event) {
            if (EventKinds::areOne($values['kind'], $words, $event->kind, $event->type_words)
                && $this->isSame($event, $date, $values, $isSingle)) {
                $there = implode(', ', array_filter([$event->date->shown, $event->value, $event->place_typed]));
                throw self::refusal(($words === '' ? $kind->word : $words).' is there already'.($there === '' ? '' : ": {$there}")
                    .'. Change that one, or save this again to have both.', ['factId' => $event->id]);
            }
        }
    }

    /** @param  array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, denied?: bool}  $values */
    private function isSame(Event $event, GenDate $date, array $values, bool $isSingle): bool
    {
        $days = Dates::compare($date, $event->date)->verdict;
        $isSameTime = match (true) {
            $date->readings === [] || $event->date->readings === [] => trim($values['date'] ?? '') === $event->date_typed
                || ($isSingle && ($date->isEmpty() || $event->date->isEmpty())),
            // 1845 beside 4 May 1845 is one marriage; about 1845 beside it is another telling.
            $isSingle => $days === Verdict::Same || ($days === Verdict::Fits && self::isHard($date) && self::isHard($event->date)),
            default => $days === Verdict::Same,
        };
        $place = trim($values['place'] ?? '');
        $isSamePlace = $place === '' || $event->place_typed === '' || Places::compare($place, $event->place_typed)
            ->verdict !== Verdict::Incomparable;

        return $isSameTime && $isSamePlace && SearchForm::of($values['value'] ?? '') === SearchForm::of($event->value);
    }

    private static function isHard(GenDate $date): bool
    {
        $span = $date->span();

        return $span !== null && $span->softBefore === 0 && $span->softAfter === 0;
    }

    /** @throws Refusal when somebody who is, or is called like, a partner is to be added as another */
    public function refusePartner(Person $person, Person|OneLineEntry $who): void
    {
        $unions = UnionPartner::counting()->where('person_id', $person->id)->pluck('union_id');
        foreach (UnionPartner::counting()->whereIn('union_id', $unions)->where('person_id', '<>', $person->id)->orderBy('position')
            ->get() as $partner) {
            [$name, $number] = $this->line($partner->person_id);
            if ($who instanceof Person ? $who->id === $partner->person_id : SearchForm::of($who->name->shown()) === SearchForm::of($name)) {
                throw self::refusal("{$name}, no. {$number}, is a partner already. Save this again only if there was a second union.",
                    ['personId' => $partner->person_id]);
            }
        }
    }

    /**
     * @param  string|null  $unionId  of whose children somebody is to be one
     *
     * @throws Refusal when somebody much like the one typed is in the tree: of the same name and born at the same time, or a child of
     *     the same union and name
     */
    public function refusePerson(OneLineEntry $entry, ?string $unionId = null): void
    {
        $name = SearchForm::of($entry->name->shown());
        if ($name === '' || $entry->name->surname === '') {
            return;
        }
        $born = isset($entry->events['birth']) ? $entry->events['birth']->date : null;
        $lines = DB::table('person_lines')->where('tree_id', $this->current->id())
            ->where('sort_name', SearchForm::of("{$entry->name->surname} {$entry->name->given}"))->orderBy('person_id')->limit(20)
            ->get(['person_id', 'number', 'shown_name', 'birth_shown', 'birth_day']);
        $siblings = $unionId === null ? [] : DB::table('parent_sets')->where('tree_id', $this->current->id())->where('union_id', $unionId)
            ->pluck('child_id')->all();
        foreach ($lines as $line) {
            $isBornThen = $born !== null && $line->birth_shown !== ''
                && in_array(Dates::compare($born, GenDate::parse((string) preg_replace('/^chr\. /', '', $line->birth_shown)))->verdict,
                    [Verdict::Same, Verdict::Fits], true);
            if ($isBornThen || ($born === null && in_array($line->person_id, $siblings, true))) {
                throw self::refusal(
                    trim("{$line->shown_name}, no. {$line->number}, ".($line->birth_shown === '' ? '' : "born {$line->birth_shown},"))
                        .' is in the tree already. Choose them from the list as you type, or save this again to enter somebody else.',
                    ['personId' => $line->person_id]);
            }
        }
    }

    /** @throws Refusal when the source has a record with that very place in it */
    public function refuseRecord(Source $source, string $locator): void
    {
        $there = SearchForm::of($locator) === '' ? null : Record::query()->where('source_id', $source->id)->where('locator', '<>', '')
            ->orderBy('id')->get(['id', 'tree_id', 'locator'])
            ->first(static fn (Record $record): bool => SearchForm::of($record->locator) === SearchForm::of($locator));
        if ($there !== null) {
            throw self::refusal(
                "{$source->title} has a record at {$there->locator} already. Open that one, or save this again to have another beside it.",
                ['recordId' => $there->id]);
        }
    }

    /** @throws Refusal when a source of that title is there */
    public function refuseSource(string $title): void
    {
        $there = trim($title) === '' ? null : Source::query()->whereRaw('lower(title) = lower(?)', [trim($title)])->orderBy('id')->first();
        if ($there !== null) {
            throw self::refusal(
                "There is a source called {$there->title} already. Cite that one, or save this again to have two of that title.",
                ['sourceId' => $there->id]);
        }
    }

    /**
     * @param  list<string>  $people
     *
     * @throws Refusal when the same was looked for in the same place, and is logged
     */
    public function refuseSearch(string $lookedFor, string $lookedIn, array $people): void
    {
        $there = Search::query()
            ->whereRaw('lower(looked_for) = lower(?) AND lower(looked_in) = lower(?)', [trim($lookedFor), trim($lookedIn)])
            ->when($people !== [], static fn ($query) => $query->whereExists(static fn ($of) => $of->from('search_people')
                ->whereColumn('search_people.tree_id', 'searches.tree_id')->whereColumn('search_people.search_id', 'searches.id')
                ->whereIn('search_people.person_id', $people)))
            ->orderByDesc('position')->first();
        if ($there !== null) {
            throw self::refusal("You searched this on {$there->date->shown}: {$there->outcome}"
                .($there->found === '' ? '' : ", {$there->found}").'. Save this again to log another search.', ['searchId' => $there->id]);
        }
    }

    /** @return array{string, int} name and number */
    private function line(string $personId): array
    {
        $line = DB::table('person_lines')->where('tree_id', $this->current->id())->where('person_id', $personId)
            ->first(['shown_name', 'number']);

        return [(string) ($line->shown_name ?? '?'), (int) ($line->number ?? 0)];
    }

    /** @param  array<string, string>  $there */
    private static function refusal(string $says, array $there): Refusal
    {
        return new Refusal($says, 409, ['again' => true] + $there);
    }
}
