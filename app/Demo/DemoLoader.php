<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Event;
use App\Models\Note;
use App\Models\Person;
use App\Models\Source;
use App\Models\Tree;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Models\User;
use App\Models\WorldEvent;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\People;
use App\Trees\Evidence\Questions;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\Progress;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\SourceField;
use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Family\Command\AddPartner;
use NorthBough\Core\Family\Command\BeginCouple;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\ParentageKind;

/** Loads the demo world through the same doors as anybody's typing; the form of its files is told in demo/README.md. */
final class DemoLoader
{
    public const NAME = 'Marren Isles';

    /** @var array<string, Person> */
    private array $people = [];

    /** @var array<string, Source> */
    private array $sources = [];

    private ?Person $person = null;

    private ?Union $union = null;

    public function __construct(
        private readonly CurrentTree $current,
        private readonly ChangeSets $changes,
        private readonly Questions $questions,
        private readonly DemoEditing $hands,
        private readonly DemoSections $sections,
    ) {
    }

    /**
     * @return int how many people were loaded
     *
     * @throws DemoProblem at the first line that is not understood
     * @throws Cancelled when whoever watches wants no more
     */
    public function load(Tree $tree, User $user, string $folder, Progress $progress = new SilentProgress): int
    {
        $this->current->enter($tree);
        $files = ["{$folder}/places.txt", "{$folder}/world.txt", "{$folder}/sources.txt", ...(glob("{$folder}/families/*.txt") ?: [])];
        foreach ($files as $at => $file) {
            $heading = ltrim(trim((string) strtok((string) file_get_contents($file), "\n")), '# ');
            $about = (string) preg_replace('/^The /', 'the ', $heading);
            $progress->report(max(0, min(60, intdiv(60 * $at, count($files)))), "loading {$about}");
            $this->changes->run(new Intent($user, "Entered {$about}", '', ChangeMethod::Batch), fn () => $this->read($file));
        }
        // A database that has just been filled takes its tables for empty until somebody counts them.
        DB::statement('ANALYZE people, names, events, claims, records, sources, parent_sets, parentages, unions, union_partners, places');
        $progress->report(60, 'loading records');
        $this->sections->records->load($tree, $user, $folder, $this->sources, $this->people);
        $progress->report(80, 'loading pictures');
        $this->sections->pictures->load($tree, $user, $folder, $this->people, $this->sections->places);
        $this->changes->run(new Intent($user, 'Opened questions about conflicting facts', '', ChangeMethod::Batch),
            fn (Change $change) => $this->questions->openHard(
                array_values(array_map(static fn (Person $person): string => $person->id, $this->people)),
                $change));
        $this->sections->cases->load($user, "{$folder}/cases.txt", $this->people);
        $this->sections->drawings->load($user, "{$folder}/drawings.txt", $this->people);
        $this->sections->books->load($user, "{$folder}/books.txt", $this->people);
        $centre = $this->people['centre'] ?? null;
        if ($centre !== null) {
            DB::table('trees')->where('id', $tree->id)->update(['centre_person_id' => $centre->id]);
        }

        return count(array_unique(array_map(static fn (Person $p): string => $p->id, $this->people)));
    }

    private function read(string $file): void
    {
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
            $text = trim($line);
            if ($text === '' || str_starts_with($text, '#')) {
                continue;
            }
            try {
                [$word, $rest] = explode(' ', $text, 2) + [1 => ''];
                match ($word) {
                    'place' => $this->sections->places->place($rest),
                    'called' => $this->sections->places->called($rest),
                    'inside' => $this->sections->places->inside($rest),
                    'church' => $this->sections->places->church($rest),
                    'reckoning' => $this->sections->places->reckoning($rest),
                    'source' => $this->source($rest),
                    'person' => $this->person($rest),
                    'same' => $this->same($rest),
                    'couple' => $this->couple($rest),
                    'child' => $this->child($rest),
                    'fact' => $this->fact($rest),
                    'name' => $this->name($rest),
                    'cite' => $this->cite($rest),
                    'note' => $this->note($rest),
                    'world' => self::world($rest),
                    default => throw new Refusal("“{$word}” is no word of a demo file."),
                };
            } catch (Refusal $problem) {
                throw DemoProblem::at($file, $index + 1, $problem->getMessage());
            }
        }
    }

    /** source KEY | title | author | publication | repository | call number | kind */
    private function source(string $rest): void
    {
        [$key, $title, $author, $publication, $repository, $callNumber, $code] = self::parts($rest, 7);
        $kind = SourceKinds::all()[$code] ?? null;
        if ($kind === null) {
            $this->sources[$key] = $this->hands->citations->describe(compact('title', 'author', 'publication', 'repository', 'callNumber'));

            return;
        }
        $values = ['TITL' => $title, 'AUTH' => $author, 'PUBL' => $publication, 'REPO' => $repository, 'CALN' => $callNumber];
        $fields = [];
        foreach ($kind->fields as $field) {
            // What stands under a tag goes to the last field of it: the years before the volume.
            if (($values[$field->tag] ?? '') !== '' && ! $field->isOfRecord
                && ($field->tag === 'TITL' ? $field->code === $this->titleOf($kind) : true)) {
                $fields = array_diff_key($fields,
                    array_filter($fields, static fn (string $value): bool => $value === $values[$field->tag]));
                $fields[$field->code] = $values[$field->tag];
            }
        }
        $this->sources[$key] = $this->hands->citations->describe(['kind' => $kind->code, 'fields' => $fields]);
    }

    private function titleOf(SourceKind $kind): string
    {
        return $kind->field('title') === null
            ? (array_values(array_filter($kind->fields, static fn (SourceField $field): bool => $field->tag === 'TITL'))[0]->code ?? '')
            : 'title';
    }

    /** person KEY: one-line entry */
    private function person(string $rest): void
    {
        [$key, $line] = self::keyed($rest);
        $this->person = $this->people[$key] = $this->hands->editing->enter(OneLineEntry::parse($line));
        $this->union = null;
    }

    /** same NEWKEY: KEY */
    private function same(string $rest): void
    {
        [$key, $known] = self::keyed($rest);
        $this->people[$key] = $this->known($known);
    }

    /** couple KEY + KEY m date place */
    private function couple(string $rest): void
    {
        if (preg_match('/^(\S+)(?: \+ (\S+))?(?: (m .+))?$/', $rest, $m) !== 1) {
            throw new Refusal('A couple is written KEY + KEY m date place.');
        }
        $first = $this->known($m[1]);
        $this->union = $this->hands->families->couple(($m[2] ?? '') === '' ? new BeginCouple($first->id)
            : new AddPartner($first->id, $this->known($m[2])->id));
        $this->person = $first;
        if (($m[3] ?? '') !== '') {
            $this->hands->relatives->marriage(OneLineEntry::parse('? '.$m[3]), $first, $this->union);
        }
    }

    /** child KEY: one-line entry; child KEY; child KEY as adoptive */
    private function child(string $rest): void
    {
        $union = $this->union ?? throw new Refusal('A child stands under a couple.');
        $parent = Person::query()
            ->findOrFail(UnionPartner::query()->where('union_id', $union->id)->orderBy('slot')->firstOrFail()->person_id);
        if (str_contains($rest, ':')) {
            [$key, $line] = self::keyed($rest);
            [$child] = $this->hands->relatives->add($parent, 'child', OneLineEntry::parse($line), $union->id);
            $this->people[$key] = $child;
        } else {
            [$key, $kind] = explode(' as ', $rest) + [1 => 'birth'];
            [$child] = $this->hands->relatives->add($parent, 'child', $this->known(trim($key)), $union->id, ParentageKind::from($kind));
        }
        $this->person = $child;
    }

    /** fact kind | date | place | what it says */
    private function fact(string $rest): void
    {
        [$kind, $date, $place, $value] = self::parts($rest, 4);
        $person = $this->person ?? throw new Refusal('A fact stands under a person.');
        $denied = str_starts_with($kind, 'no ');
        $this->hands->facts->add('person_id', $person->id,
            ['kind' => $denied ? substr($kind, 3) : $kind, 'date' => $date, 'place' => $place, 'value' => $value, 'denied' => $denied]);
    }

    /** name kind | name */
    private function name(string $rest): void
    {
        [$kind, $name] = self::parts($rest, 2);
        $this->hands->editing->addName($this->person ?? throw new Refusal('A name stands under a person.'), PersonalName::parse($name),
            NameKind::from($kind));
    }

    /** cite kind | source | page | words: on the last fact of that kind */
    private function cite(string $rest): void
    {
        [$kind, $source, $page, $words] = self::parts($rest, 4);
        $events = Event::query()->where('kind', $kind);
        $event = ($kind === 'marriage'
            ? $events->where('union_id', $this->union->id ?? null)
            : $events->where('person_id', $this->person->id ?? null))->orderByDesc('position')->first()
            ?? throw new Refusal("There is no {$kind} to cite here.");
        $this->hands->citations->cite('event_id', $event->id,
            $this->sources[$source] ?? throw new Refusal("There is no source {$source}."), $page,
            $words);
    }

    private function note(string $rest): void
    {
        Note::query()->create(['person_id' => ($this->person ?? throw new Refusal('A note stands under a person.'))->id, 'text' => $rest]);
    }

    /** world date | place | words */
    private static function world(string $rest): void
    {
        [$date, $place, $words] = self::parts($rest, 3);
        WorldEvent::query()->create(['date' => GenDate::parse($date), 'place_typed' => $place, 'words' => $words]);
    }

    private function known(string $key): Person
    {
        return $this->people[$key] ?? throw new Refusal("There is nobody called {$key} yet.");
    }

    /** @return array{string, string} */
    private static function keyed(string $rest): array
    {
        [$key, $line] = explode(':', $rest, 2) + [1 => ''];

        return [trim($key), trim($line)];
    }

    /** @return list<string> */
    public static function parts(string $rest, int $count): array
    {
        return array_pad(array_map(trim(...), explode('|', $rest, $count)), $count, '');
    }
}
