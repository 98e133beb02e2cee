<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Record;
use Illuminate\Support\Str;

/** A census of a household, kept and added to the tree. */
trait KeepsRolls
{
    private string $source;

    protected function setUp(): void
    {
        parent::setUp();
        $this->source = $this->source('Census of Marren, 1881');
    }

    /** @return array{string, string} */
    private function couple(): array
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask');
        $isbel = $this->relative($ewan, 'partner', 'Isbel Quillan w b 1847 Hask m 1870 Hask');

        return [$ewan, $isbel];
    }

    private function record(): string
    {
        return $this->api('POST', "/sources/{$this->source}/records", ['kind' => 'census-1881', 'locator' => 'sheet 4'])->assertOk()
            ->json('id');
    }

    private function version(string $record): int
    {
        return Record::query()->findOrFail($record)->version;
    }

    /**
     * @param  list<array{string, string, string, string, string}>  $rows  name, relation, age, sex, trade
     * @param  list<string>  $ids
     * @return list<string> ids of the lines
     */
    private function keep(string $record, array $rows, array $ids = []): array
    {
        $lines = array_map(static fn (array $row, int $at): array => ['id' => $ids[$at] ?? (string) Str::uuid7(), 'name' => $row[0],
            'columns' => ['relation' => $row[1], 'age' => $row[2], 'sex' => $row[3], 'trade' => $row[4]]], $rows, array_keys($rows));
        $this->api('PUT', "/records/{$record}",
            ['version' => $this->version($record), 'date' => '3 April 1881', 'place' => 'Hask', 'lines' => $lines])->assertOk();

        return array_column($lines, 'id');
    }

    /** @param  list<array<string, mixed>>  $choices */
    private function takeIn(string $record, array $choices): void
    {
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => $this->version($record), 'choices' => $choices, 'why' => 'It says so.'])->assertOk();
    }
}
