<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;

/** Whom the lines of entries are, in a tree that knows their couples, parents and namesakes. */
final class MatchTest extends TestCase
{
    private string $magnus;

    private string $jean;

    protected function setUp(): void
    {
        parent::setUp();
        $this->magnus = $this->person('Magnus Tarrel h b 1818 Hask');
        $this->jean = $this->relative($this->magnus, 'partner', 'Jean Penhask w b 1824 Tolsay m 17 Oct 1846 Kirkhaven');
    }

    public function test_a_marriage_of_a_known_couple_makes_no_doubles(): void
    {
        $lines = $this->matched(['kind' => 'marriage', 'date' => '17 Oct 1846', 'place' => 'Kirkhaven', 'lines' => [
            ['name' => 'Magnus Tarrel', 'role' => 'groom'], ['name' => 'Jean Penhask', 'role' => 'bride'],
            ['name' => 'Jn Ibsley', 'role' => 'minister'],
        ]]);
        self::assertSame([$this->number($this->magnus), $this->number($this->jean), 'new'], array_column($lines, 'proposed'));
        self::assertGreaterThan(0.97, min($lines[0]['probability'], $lines[1]['probability']));
        self::assertStringContainsString('Known as partner of Jean.', $lines[0]['offers'][0]['says']);
        self::assertFalse($lines[0]['asks']);
    }

    public function test_a_baptism_finds_the_parents_whatever_surname_the_mother_stands_under(): void
    {
        foreach (['Jean Penhask', 'Jean Tarrel', 'Jean'] as $mother) {
            $lines = $this->matched(['kind' => 'baptism', 'date' => '3 Aug 1847', 'place' => 'Hask', 'lines' => [
                ['name' => 'Ewan Tarrel', 'role' => 'child'], ['name' => 'Magnus Tarrel', 'role' => 'father'],
                ['name' => $mother, 'role' => 'mother'],
            ]]);
            self::assertSame(['new', $this->number($this->magnus), $this->number($this->jean)], array_column($lines, 'proposed'), $mother);
        }
    }

    public function test_of_two_namesakes_the_dead_one_is_never_the_father(): void
    {
        $dead = $this->person('Magnus Tarrel h b 1816 Hask d 4 May 1840 Hask');
        $lines = $this->matched(
            ['kind' => 'baptism', 'date' => '3 Aug 1870', 'place' => 'Hask',
                'lines' => [['name' => 'Una Tarrel', 'role' => 'child'], ['name' => 'Magnus Tarrel', 'role' => 'father']]]);

        self::assertSame($this->number($this->magnus), $lines[1]['proposed']);
        self::assertNotContains($this->number($dead), array_column($lines[1]['offers'], 'ref'));
        $wedding = $this->matched(
            ['kind' => 'marriage', 'date' => '3 Aug 1841', 'place' => '',
                'lines' => [['name' => 'Magnus Tarrel', 'role' => 'groom', 'columns' => ['age' => '25']]]]);
        self::assertNotContains($this->number($dead), array_column($wedding[0]['offers'], 'ref'));
    }

    public function test_where_somebody_is_near_new_asks_first_and_nobody_is_made_by_accepting_the_lot(): void
    {
        $record = $this->api('POST', '/sources/'.$this->source('Register of St Bregan').'/records', ['kind' => 'burial'])->assertOk()
            ->json('id');
        $id = '01890000-0000-7000-8000-000000000001';
        $this->person('Magnus Tarrel h b 1820 Tolsay');
        $answer = $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [], 'date' => '9 May 1880', 'place' => 'Hask',
                'lines' => [['id' => $id, 'name' => 'Magnus Tarrel', 'role' => 'buried', 'columns' => []]]])->assertOk();
        self::assertSame('unplaced', $answer->json('lines.0.as'));
        self::assertStringContainsString('may be meant, or another: choose who it is, or make a new person of it.',
            $answer->json('lines.0.asks'));

        $new = $this->api('POST', "/records/{$record}/line-up",
            ['choices' => [['lineId' => $id, 'as' => 'new']], 'date' => '9 May 1880', 'place' => 'Hask',
                'lines' => [['id' => $id, 'name' => 'Magnus Tarrel', 'role' => 'buried', 'columns' => []]]])->assertOk();
        self::assertSame(['new', ''], [$new->json('lines.0.as'), $new->json('lines.0.asks')]);
    }

    public function test_kinds_are_listed_with_the_codes_that_a_record_file_wants(): void
    {
        self::assertSame(0, Artisan::call('bough:kinds', ['--json' => true]));
        /** @var array<string, array{roles: list<array<string, mixed>>, columns: list<array<string, mixed>>}> $kinds */
        $kinds = array_column((array) json_decode(Artisan::output(), true), null, 'kind');
        self::assertContains('groom', array_column($kinds['marriage']['roles'], 'code'));
        self::assertContains('age', array_column($kinds['burial']['columns'], 'code'));
    }

    public function test_a_file_that_tells_no_record_is_refused_in_a_sentence(): void
    {
        foreach ([
            ['no JSON', 'tells no record'],
            [['kind' => 'wedding breakfast', 'lines' => []], 'There is no kind of record “wedding breakfast”'],
            [['kind' => 'marriage', 'lines' => [['name' => 'A', 'role' => 'cook']]], 'Line 1: “cook” is no role of marriage.'],
            [['kind' => 'marriage', 'lines' => [['name' => 'A', 'columns' => ['weight' => '9']]]],
                'Line 1: “weight” is no column of marriage.'],
        ] as [$said, $why]) {
            self::assertSame(1,
                Artisan::call('bough:match', ['tree' => $this->tree->id, '--record' => self::file($said), '--json' => true]));
            self::assertStringContainsString($why, Artisan::output());
        }
        self::assertSame(1, Artisan::call('bough:match', ['tree' => $this->tree->id, '--json' => true]));
    }

    /**
     * @param  array<string, mixed>  $record
     * @return list<array{line: int, proposed: string, probability: float, asks: bool, offers: list<array{ref: string,
     *     probability: float, says: string}>}>
     */
    private function matched(array $record): array
    {
        $code = Artisan::call('bough:match', ['tree' => $this->tree->id, '--record' => self::file($record), '--json' => true]);
        $output = Artisan::output();
        self::assertSame(0, $code, $output);

        return json_decode($output, true, flags: JSON_THROW_ON_ERROR)['lines'];
    }

    /** @param  string|array<string, mixed>  $said */
    private static function file(string|array $said): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($file, is_string($said) ? $said : json_encode($said));

        return $file;
    }

    private function number(string $personId): string
    {
        return (string) \App\Models\Person::query()->findOrFail($personId)->number;
    }
}
