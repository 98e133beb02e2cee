<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Alternative;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Person;
use App\Models\Point;
use App\Models\Question;
use App\Models\Search;
use App\Models\SearchPerson;
use App\Models\Task;
use App\Models\User;
use App\Refusal;
use App\Trees\Casework\Cases;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Doubles\Ruling;
use App\Trees\Doubles\Rulings;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Evidence\Casework\CaseState;

/** Cases and searches of the demo world. */
final class DemoCases
{
    private ?Question $case = null;

    public function __construct(private readonly ChangeSets $changes, private readonly Cases $cases,
        private readonly Rulings $rulings)
    {
    }

    /**
     * @param  array<string, Person>  $people  by key
     *
     * @throws DemoProblem at the first line that is not understood
     */
    public function load(User $user, string $file, array $people): void
    {
        $known = static fn (string $key): string => ($people[$key] ?? throw new Refusal("There is nobody called {$key}."))->id;
        $this->changes->run(new Intent($user, 'Set up a case', '', ChangeMethod::Batch), function () use ($file, $known): void {
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
                $text = trim($line);
                if ($text === '' || str_starts_with($text, '#')) {
                    continue;
                }
                [$word, $rest] = explode(' ', $text, 2) + [1 => ''];
                try {
                    match ($word) {
                        'case' => $this->begin($rest, $known),
                        'for', 'against' => $this->point($word === 'for', $rest, $known),
                        'next' => Task::query()
                            ->create(['question_id' => $this->case()->id, 'text' => $rest, 'position' => 1 + (int) Task::query()
                                ->max('position')]),
                        'state' => $this->conclude($rest),
                        'search' => self::search($rest, $known),
                        'different' => $this->different($rest, $known),
                        default => throw new Refusal("“{$word}” is no word of this file."),
                    };
                } catch (Refusal $problem) {
                    throw DemoProblem::at($file, $index + 1, $problem->getMessage());
                }
            }
        });
    }

    /** @param  \Closure(string): string  $known */
    private function begin(string $rest, \Closure $known): void
    {
        [$aspect, $subject, $others] = explode(' ', $rest, 3) + [1 => '', 2 => ''];
        $this->case = $this->cases->begin($aspect, $known($subject), null, array_map($known, explode(' ', $others)));
    }

    /** @param  \Closure(string): string  $known */
    private function point(bool $isFor, string $rest, \Closure $known): void
    {
        [$of, $text, $ground] = DemoLoader::parts($rest, 3);
        [$key, $kind] = explode(' ', $ground, 2) + [1 => ''];
        $claim = $kind === '' ? null : Claim::query()
            ->whereIn('event_id', Event::query()->where('person_id', $known($key))->where('kind', $kind)->select('id'))->orderBy('id')
            ->first();
        Point::query()
            ->create(['question_id' => $this->case()->id, 'alternative_id' => $this->alternative($of)->id, 'claim_id' => $claim?->id,
                'is_for' => $isFor, 'text' => $text,
                'weight' => $kind === '' ? $ground : '', 'position' => 1 + (int) Point::query()->where('question_id', $this->case()->id)
                    ->max('position')]);
    }

    private function conclude(string $rest): void
    {
        [$state, $of, $reason] = DemoLoader::parts($rest, 3);
        $case = Question::query()->findOrFail($this->case()->id);
        $this->cases->conclude($case, $case->version, $this->alternative($of)->id, CaseState::from($state), $reason);
    }

    /** @param  \Closure(string): string  $known */
    private static function search(string $rest, \Closure $known): void
    {
        [$date, $in, $for, $outcome, $whole, $keys, $found] = DemoLoader::parts($rest, 7);
        $search = Search::query()
            ->create(['date' => GenDate::parse($date), 'looked_in' => $in, 'looked_for' => $for, 'outcome' => $outcome,
                'is_whole' => $whole === 'whole', 'found' => $found, 'position' => 1 + (int) Search::query()->max('position')]);
        foreach (array_filter(explode(' ', $keys)) as $key) {
            SearchPerson::query()->create(['search_id' => $search->id, 'person_id' => $known($key)]);
        }
    }

    /** @param  \Closure(string): string  $known */
    private function different(string $rest, \Closure $known): void
    {
        [$keys, $reason] = DemoLoader::parts($rest, 2);
        [$one, $other] = explode(' ', $keys, 2) + [1 => ''];
        $this->rulings->rule($known($one), $known($other), Ruling::Different, $reason);
    }

    private function alternative(string $title): Alternative
    {
        return Alternative::query()->where('question_id', $this->case()->id)->where('title', $title)
            ->first() ?? throw new Refusal("“{$title}” is no alternative of it.");
    }

    private function case(): Question
    {
        return $this->case ?? throw new Refusal('No case was begun yet.');
    }
}
