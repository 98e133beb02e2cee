<?php

declare(strict_types=1);

namespace App\Demo;

/** A record as a demo file tells it: what the page says, and whom some of its lines are. */
final class DemoRecord
{
    /** @var array<string, string> head fields by code */
    public array $head = [];

    /** @var list<string> cells in the order of the file: name, as, or the code of a column */
    public array $cells = ['name'];

    /** @var list<array<string, string>> values by cell */
    public array $lines = [];

    /** @var array<int, string> key of a person by line, counted from 1 */
    public array $placed = [];

    /** @var array<int, string> reason by line */
    public array $aside = [];

    public string $words = '';

    public string $why = '';

    /** How the page is drawn: `ledger`, `faded`, `stone`, `letter`; empty for a record without a picture. */
    public string $picture = '';

    public function __construct(
        public readonly string $key,
        public readonly string $source,
        public readonly string $kind,
        public readonly string $locator,
        public readonly string $date,
        public readonly string $place,
        public readonly ?int $toldCount,
    ) {
    }

    /**
     * @return list<self>
     *
     * @throws DemoProblem at the first line that is not understood
     */
    public static function all(string $file): array
    {
        $records = [];
        $record = null;
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
            $text = trim($line);
            if ($text === '' || str_starts_with($text, '#')) {
                continue;
            }
            [$word, $rest] = explode(' ', $text, 2) + [1 => ''];
            if ($word === 'record') {
                [$key, $source, $kind, $locator, $date, $place, $count] = DemoLoader::parts($rest, 7);
                $record = $records[] = new self($key, $source, $kind, $locator, $date, $place, $count === '' ? null : (int) $count);
            } elseif ($record === null || ! $record->takesField($word, $rest)) {
                throw DemoProblem::at($file, $index + 1, "“{$word}” is no word of a file of records.");
            }
        }

        return $records;
    }

    private function takesField(string $word, string $rest): bool
    {
        if (preg_match('/^(\d+)\s+(.*)$/', $rest, $m) !== 1) {
            $m = ['', '0', ''];
        }
        match ($word) {
            'head' => $this->head += array_combine([DemoLoader::parts($rest, 2)[0]], [DemoLoader::parts($rest, 2)[1]]),
            'roll' => $this->cells = array_map(trim(...), explode('|', $rest)),
            'line' => $this->lines[] = array_filter(array_combine($this->cells, DemoLoader::parts($rest, count($this->cells))),
                static fn (string $value): bool => $value !== ''),
            'placed' => $this->placed[(int) $m[1]] = trim($m[2]),
            'aside' => $this->aside[(int) $m[1]] = trim($m[2]),
            'words' => $this->words = trim($this->words."\n".$rest),
            'why' => $this->why = $rest,
            'picture' => $this->picture = $rest,
            default => $word = '',
        };

        return $word !== '';
    }
}
