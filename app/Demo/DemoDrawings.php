<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Drawing;
use App\Models\Person;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Drawings\KeepDrawing;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\Move;
use NorthBough\Core\Drawing\Handwork\Note;

/** Saved drawings of the demo world, with what the hand did to them. */
final readonly class DemoDrawings
{
    public function __construct(private ChangeSets $changes, private KeepDrawing $keep)
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
        foreach (explode("\n\n", (string) file_get_contents($file)) as $part) {
            $lines = array_values(array_filter(array_map(trim(...), explode("\n", $part)),
                static fn (string $line): bool => $line !== '' && ! str_starts_with($line, '#')));
            if ($lines === []) {
                continue;
            }
            try {
                $columns = $this->drawing($lines, $known);
            } catch (Refusal $problem) {
                throw DemoProblem::at($file, 1, $problem->getMessage());
            }
            $this->changes->run(new Intent($user, "Saved the drawing: {$columns['name']}", '', ChangeMethod::Batch),
                static fn (): Drawing => Drawing::query()->create($columns));
        }
    }

    /**
     * @param  non-empty-list<string>  $lines  the drawing, then what the hand did
     * @param  \Closure(string): string  $known
     * @return array<string, mixed> by column
     */
    private function drawing(array $lines, \Closure $known): array
    {
        [$name, $kind, $keys, $words] = DemoLoader::parts(substr($lines[0], strlen('drawing ')), 4);
        $moves = $hidden = $notes = [];
        $title = '';
        foreach (array_slice($lines, 1) as $line) {
            [$act, $rest] = explode(' ', $line, 2) + [1 => ''];
            [$key, $first, $second] = DemoLoader::parts($rest, 3);
            match ($act) {
                'title' => $title = $rest,
                'move' => $moves[$known($key)] = new Move((float) $first, (float) $second),
                'hide' => $hidden[] = $known($key),
                'note' => $notes[] = new Note($known($key), 0, (float) $first, $second),
                default => throw new Refusal("“{$act}” is no word of this file."),
            };
        }
        $options = [];
        foreach (array_filter(explode(' ', $words)) as $option) {
            [$of, $word] = explode('=', $option, 2) + [1 => ''];
            $options[$of] = $word;
        }

        return $this->keep->columns($name, $kind, array_map($known, explode(' ', $keys)), $options,
            new Handwork($title, $moves, $hidden, notes: $notes));
    }
}
