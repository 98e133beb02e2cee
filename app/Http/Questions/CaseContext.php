<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\CaseContextResource;
use App\Http\Questions\Resources\LastSeenResource;
use App\Http\Questions\Resources\NameSpellings;
use App\Http\Questions\Resources\PersonAtTimeResource;
use App\Http\Research\Resources\SearchResource;
use App\Http\Research\SearchRows;
use App\Models\Alternative;
use App\Models\Question;
use App\Models\Record;
use App\Models\RollLine;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\OwnVariants;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Evidence\Casework\CloseKin;
use NorthBough\Core\Evidence\Casework\LastSeen;
use NorthBough\Core\Evidence\Casework\PersonAtTime;
use NorthBough\Core\Tree\Person;

/** What helps beside a case: spellings and who uses them, ages and places at one time, last seen and first missing, searches. */
final readonly class CaseContext
{
    private const MOST_BEARERS = 6;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private SearchRows $searches)
    {
    }

    /** @param  string  $on  a time of one's own choice; empty for that of the record, or when the first was last seen */
    public function of(Question $question, string $on): CaseContextResource
    {
        $concerned = CasePages::concerned($question, Alternative::query()->where('question_id', $question->id)->get());
        $lives = $this->tree->lives($concerned);
        // Whoever the case is about comes first, then whoever it may be.
        $people = [];
        foreach (array_intersect($concerned, array_keys($lives)) as $id) {
            $people[$id] = $lives[$id];
        }
        $line = $question->roll_line_id === null ? null : RollLine::query()->findOrFail($question->roll_line_id);
        $then = trim($on) !== '' ? GenDate::parse(trim($on)) : $this->then($question, $line, $people);
        $searches = $this->searches->forPeople($concerned);

        return new CaseContextResource($then->shown, $this->names($people, $line),
            $then->span() === null ? [] : $this->atThatTime($people, $then->span()),
            array_values(array_map(static fn (Person $person): LastSeenResource => self::seen($person, $searches), $people)), $searches);
    }

    /** @param  array<string, Person>  $people */
    private function then(Question $question, ?RollLine $line, array $people): GenDate
    {
        if ($line !== null) {
            return Record::query()->findOrFail($line->record_id)->date;
        }

        $subject = $people[$question->person_id ?? ''] ?? null;

        return ($subject === null ? null : LastSeen::of($subject))->date ?? GenDate::phrase('');
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<NameSpellings>
     */
    private function names(array $people, ?RollLine $line): array
    {
        $given = array_map(static fn (Person $person): string => explode(' ', $person->name()->given)[0], array_values($people));
        if ($line !== null) {
            $given[] = explode(' ', $line->name_typed)[0];
        }
        $variants = OwnVariants::of($this->current);
        $spellings = [];
        foreach (array_unique(array_filter($given)) as $name) {
            if (array_filter($spellings,
                static fn (NameSpellings $spelling): bool => $variants->areVariants($spelling->name, $name)) !== []) {
                continue;
            }
            $forms = $variants->of($name);
            $bearers = DB::table('names')->where('tree_id', $this->current->id())
                ->whereRaw("lower(split_part(given, ' ', 1)) = ANY(?)",
                    ['{'.implode(',',
                        array_map(static fn (string $form): string => '"'.addcslashes($form, '"\\').'"',
                            [mb_strtolower($name), ...$forms])).'}'])
                ->distinct()->pluck('person_id');
            $named = $this->tree->lives(array_slice(array_values($bearers->diff(array_keys($people))->all()), 0, self::MOST_BEARERS));
            $spellings[] = new NameSpellings($name, $forms, array_values(array_map(SearchRows::named(...), $named)), $bearers->count());
        }

        return $spellings;
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<PersonAtTimeResource> those concerned, each with their kin
     */
    private function atThatTime(array $people, DaySpan $then): array
    {
        $rows = [];
        foreach ($people as $person) {
            $around = CloseKin::of($this->tree, $person);
            $kin = $this->tree->lives(array_keys($around));
            foreach ($around as $id => $who) {
                if (! isset($kin[$id]) || isset($rows[$id])) {
                    continue;
                }
                $at = PersonAtTime::of($kin[$id], $then);
                $rows[$id] = new PersonAtTimeResource((string) $id, $kin[$id]->name()->shown(),
                    $who === '' ? '' : "{$who} of {$person->name()->given}", $at->age, $at->nearest->place ?? '',
                    $at->nearest?->date->shown ?? '', $at->not);
            }
        }

        return array_values($rows);
    }

    /** @param  list<SearchResource>  $searches */
    private static function seen(Person $person, array $searches): LastSeenResource
    {
        $last = LastSeen::of($person);
        // Only a whole series that was read tells that somebody is missing.
        $missing = array_filter($searches,
            static fn (SearchResource $search): bool => $search->isWhole && $search->outcome === 'nothing'
                && in_array($person->id, array_column($search->people, 'id'), true));

        return new LastSeenResource($person->id, $person->name()->shown(),
            $last === null ? ''
                : trim("{$last->date->shown}, ".mb_strtolower($last->word()).($last->place === '' ? '' : ", {$last->place}"), ', '),
            implode('; ', array_map(static fn (SearchResource $search): string => $search->lookedIn, $missing)));
    }
}
