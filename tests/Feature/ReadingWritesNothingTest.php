<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** Reading never writes: whatever is asked, in whatever words, every table is as it was before. */
final class ReadingWritesNothingTest extends TestCase
{
    use EveryChange;

    /** What the framework keeps of a visit, and work that waits: none of it is the tree. */
    private const NOT_OF_A_TREE = ['sessions', 'cache', 'cache_locks', 'jobs', 'job_batches', 'failed_jobs', 'migrations'];

    public function test_every_reading_route_leaves_all_tables_alone(): void
    {
        $addresses = $this->readable($this->family());
        $before = self::tables();
        $refused = [];
        foreach ($addresses as $address) {
            $status = $this->get("/api/trees/{$this->tree->id}{$address}", ['Accept' => 'application/json'])->baseResponse->getStatusCode();
            $this->enter($this->tree);
            self::assertLessThan(500, $status, $address);
            self::assertSame($before, self::tables(), $address);
            $refused = $status < 400 ? $refused : [...$refused, "{$address}: {$status}"];
        }
        self::assertGreaterThan(50, count($addresses) - count($refused), implode("\n", $refused));
    }

    public function test_fifty_fresh_wordings_leave_all_tables_alone(): void
    {
        $family = $this->family();
        // Each of these is known to the gazetteer in one place only, and nobody typed them before.
        $wordings = array_map(static fn (int $at): string => "Croft {$at}, Hask".($at % 2 === 0 ? ', Marren Isles' : ''), range(1, 50));
        $before = self::tables();
        foreach ($wordings as $at => $words) {
            $asked = rawurlencode($words);
            $reading = [
                "/reading/place?text={$asked}&date=1851", "/reading/date?text=3%20May%201851&place={$asked}", "/reading/places?q={$asked}",
                '/reading/entry?line='.rawurlencode("Ewan Tarrel b 1851 {$words}"), "/reading/sum?text={$asked}",
                "/places?q={$asked}", "/wordings?q={$asked}", "/people?q={$asked}", "/jump?q={$asked}", "/sources?q={$asked}",
                "/searches?q={$asked}", "/pictures?q={$asked}",
            ];
            foreach ($reading as $address) {
                self::assertLessThan(500, $this->api('GET', $address)->status(), $address);
            }
            $this->api('POST', "/records/{$family['record']}/line-up",
                ['choices' => [], 'place' => $words, 'date' => '3 April 1881', 'lines' => [
                    ['id' => $family['line'], 'name' => 'Ewan Tarrel',
                        'columns' => ['relation' => 'Head', 'age' => (string) $at, 'where-born' => $words]],
                ]])->assertOk();
            $this->api('POST', '/reading/source', ['kind' => 'letter', 'fields' => ['from' => $words]])->assertSuccessful();
        }
        self::assertSame($before, self::tables());
        self::assertSame(0, DB::table('place_wordings')->where('typed', 'like', 'Croft%')->count());
    }

    /** @return array<string, string> every table: how many rows, and a sum of all they hold */
    private static function tables(): array
    {
        $tables = [];
        foreach (DB::table('pg_tables')->where('schemaname', 'public')->whereNotIn('tablename', self::NOT_OF_A_TREE)->orderBy('tablename')
            ->pluck('tablename') as $table) {
            $row = DB::selectOne(
                "SELECT count(*) AS rows, coalesce(md5(string_agg(t::text, '|' ORDER BY t::text)), '') AS sum FROM \"{$table}\" t");
            $tables[(string) $table] = "{$row->rows} {$row->sum}";
        }
        self::assertArrayHasKey('people', $tables);

        return $tables;
    }
}
