<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Book;
use App\Models\Drawing;
use App\Models\Person;
use App\Models\Text;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\FactForm;
use NorthBough\Core\Prose\FactsToday;
use NorthBough\Core\Tree\Event;

/**
 * Lives told in prose, and the book of the demo world. Within a paragraph stand {key}, who is named; {key birth when}, a fact in a
 * form; {key birth note}, the record behind it. A line with ~ before it is for whoever searches on.
 */
final readonly class DemoBooks
{
    public function __construct(private ChangeSets $changes, private DatabaseTree $tree)
    {
    }

    /**
     * @param  array<string, Person>  $people  by key
     *
     * @throws DemoProblem at the first part that is not understood
     */
    public function load(User $user, string $file, array $people): void
    {
        $texts = [];
        foreach (preg_split('/\n{3,}/', trim((string) file_get_contents($file))) ?: [] as $part) {
            [$head, $body] = explode("\n", ltrim(preg_replace('/^#.*\n/m', '', $part) ?? ''), 2) + [1 => ''];
            [$word, $rest] = explode(' ', $head, 2) + [1 => ''];
            try {
                if ($word === 'text') {
                    [$key, $title] = DemoLoader::parts($rest, 2);
                    $texts[$title] = $this->text($user, $people[$key]->id ?? '', $title, $body, $people);
                } else {
                    $this->book($user, $rest, $body, $texts, $people);
                }
            } catch (Refusal $problem) {
                throw DemoProblem::at($file, 1, $problem->getMessage());
            }
        }
    }

    /**
     * @param  array<string, Person>  $people
     * @return string its id
     */
    private function text(User $user, string $personId, string $title, string $words, array $people): string
    {
        $content = [];
        foreach (array_filter(array_map(trim(...), explode("\n\n", $words))) as $paragraph) {
            $isResearch = str_starts_with($paragraph, '~ ');
            $node = ['type' => 'paragraph', 'content' => $this->parts((string) preg_replace(['/^~ /', '/\s*\n\s*/'], ['', ' '],
                $paragraph), $people)];
            $content[] = $isResearch ? ['type' => 'researchNote', 'content' => [$node]] : $node;
        }

        return $this->changes->run(new Intent($user, "Wrote the text: {$title}", '', ChangeMethod::Batch),
            static fn (): Text => Text::query()->create(['title' => $title, 'person_id' => $personId,
                'body' => ['type' => 'doc', 'content' => $content]]))->id;
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<array<string, mixed>>
     */
    private function parts(string $words, array $people): array
    {
        $parts = [];
        foreach (preg_split('/\{([^}]+)\}/', $words, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $part) {
            if ($part !== '') {
                $parts[] = $at % 2 === 0 ? ['type' => 'text', 'text' => $part] : $this->called($part, $people);
            }
        }

        return $parts;
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, mixed>
     */
    private function called(string $words, array $people): array
    {
        [$key, $kind, $form] = explode(' ', $words) + [1 => '', 2 => ''];
        $person = $this->tree->people([$people[$key]->id ?? ''])[$people[$key]->id ?? '']
            ?? throw new Refusal("There is nobody called {$key}.");
        if ($kind === '') {
            return self::node('person', ['person' => $person->id, 'told' => $person->name()->shown()]);
        }
        [$owner, $event] = $this->fact($person->id, $kind);
        if ($form === 'note') {
            $claim = $event->grounds()[0] ?? throw new Refusal("Nothing is cited for the {$kind} of {$key}.");

            return self::node('citation', ['record' => $claim->recordId]);
        }
        $of = $owner === $person->id ? '' : $person->id;
        $call = new FactCall($owner, $event->id, FactForm::from($form), '', $of);

        return self::node('fact', ['owner' => $owner, 'fact' => $event->id, 'form' => $form, 'of' => $of,
            'told' => FactsToday::of($this->tree, [$call])->words($call)]);
    }

    /** @return array{string, Event} the leading fact of a kind, and to whom it belongs: the person, or a couple that they are of */
    private function fact(string $personId, string $kind): array
    {
        $own = $this->tree->people([$personId])[$personId]->leading($kind);
        if ($own !== null) {
            return [$personId, $own];
        }
        foreach ($this->tree->unionsOf([$personId])[$personId] ?? [] as $union) {
            $event = Event::leadingOf($union->events, $kind);
            if ($event !== null) {
                return [$union->id, $event];
            }
        }

        throw new Refusal("There is no {$kind} to be told.");
    }

    /**
     * @param  array<string, string>  $texts  ids by title
     * @param  array<string, Person>  $people
     */
    private function book(User $user, string $heads, string $words, array $texts, array $people): void
    {
        [$title, $subtitle, $author] = DemoLoader::parts($heads, 3);
        $chapters = [];
        foreach (array_filter(array_map(trim(...), explode("\n", $words))) as $line) {
            [$kind, $first, $second] = DemoLoader::parts(substr($line, strlen('chapter ')), 3);
            $subject = match ($kind) {
                'text' => $texts[$first] ?? null,
                'drawing' => Drawing::query()->where('name', $first)->value('id'),
                default => $second === '' ? 'all' : $people[$second]->id ?? null,
            };
            $chapters[] = ['kind' => $kind, 'title' => '', 'report' => $kind === 'report' ? $first : '', 'options' => [],
                'subject' => is_string($subject) ? $subject : throw new Refusal("There is no “{$line}”.")];
        }
        $this->changes->run(new Intent($user, "Put together the book: {$title}", '', ChangeMethod::Batch),
            static fn (): Book => Book::query()->create(['title' => $title, 'subtitle' => $subtitle, 'author' => $author,
                'chapters' => $chapters]));
    }

    /**
     * @param  array<string, string>  $attributes
     * @return array<string, mixed>
     */
    private static function node(string $type, array $attributes): array
    {
        return ['type' => $type, 'attrs' => $attributes];
    }
}
