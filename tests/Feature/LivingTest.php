<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Trees\Derived\PersonIndex;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Chrono\IsoDay;

/** Living people in every way out, and before readers who may not see them. */
final class LivingTest extends TestCase
{
    private string $una;

    private string $magnus;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-06-01 12:00:00');
        $this->magnus = $this->person('Magnus Osk b 1880 Kirkhaven d 1950');
        $this->una = $this->person('Una Osk w b 3 May 1980 Pellmouth');
        $this->api('POST', "/people/{$this->magnus}/facts",
            ['kind' => 'residence', 'value' => 'with his granddaughter Una Osk', 'date' => '1949'])->assertSuccessful();
    }

    public function test_a_file_is_shielded_unless_the_owner_keeps(): void
    {
        $shielded = $this->file('');
        foreach (['Una', '1980', 'Pellmouth'] as $word) {
            self::assertStringNotContainsString($word, $shielded);
        }
        self::assertStringContainsString('1 NAME Living', $shielded);
        self::assertStringContainsString('Magnus', $shielded);

        self::assertStringContainsString('Una /Osk/', $this->file('&living=keep'));
        self::assertStringContainsString('1 living person in full', (string) DB::table('change_sets')->where('kind', 'told')
            ->value('summary'));
    }

    public function test_a_wrong_tie_lets_nobody_living_out(): void
    {
        $alec = $this->person('Alec Drum h b 4 May 1990 Kirkhaven');
        $this->relative($alec, 'child', 'Finlay Drum h b 2 Feb 1915 Kirkhaven');
        $this->relative($this->person('Gavin Corran h b 1991 Tolsay'), 'mother', 'Wilma Corran d 3 Mar 1901');
        // No birth is typed: the father of the living says that the child of long ago is a slip.
        $nella = $this->person('Nella Ibsley w');
        $this->relative($nella, 'father', 'Peter Ibsley b 1950');
        $this->relative($nella, 'child', 'Hob Ibsley b 1910');
        $file = $this->file('');
        foreach (['Alec', '1990', 'Gavin', 'Nella', 'Peter'] as $word) {
            self::assertStringNotContainsString($word, $file);
        }
        self::assertStringContainsString('Finlay', $file);
        $kept = DB::table('person_lines')->where('tree_id', $this->tree->id)->orderBy('person_id')
            ->get(['person_id', 'born_from', 'born_by', 'dead_from']);
        app(PersonIndex::class)->rebuild();
        self::assertEquals($kept, DB::table('person_lines')->where('tree_id', $this->tree->id)->orderBy('person_id')
            ->get(['person_id', 'born_from', 'born_by', 'dead_from']));
    }

    public function test_the_command_says_how_many(): void
    {
        $to = (string) tempnam(sys_get_temp_dir(), 'nb');
        self::assertSame(0, Artisan::call('bough:export', ['tree' => $this->tree->id, '--to' => $to]));
        self::assertStringContainsString('1 living person hidden', $said = Artisan::output());
        self::assertStringContainsString('A living person was named in: with his granddaughter Una Osk', $said);
        self::assertStringNotContainsString('Una', (string) file_get_contents($to));
        self::assertSame(1, Artisan::call('bough:export', ['tree' => $this->tree->id, '--to' => $to, '--living' => 'maybe']));
    }

    public function test_drawings_are_shielded_where_they_leave_and_not_where_the_owner_works(): void
    {
        self::assertStringContainsString('Una', (string) $this->api('GET', "/drawings/ancestors/{$this->una}")->getContent());
        $url = "/api/trees/{$this->tree->id}/drawings/ancestors/{$this->una}.svg";
        self::assertStringNotContainsString('Una', (string) $this->get($url)->assertOk()->getContent());
        self::assertStringContainsString('Una', (string) $this->get("{$url}?living=keep")->assertOk()->getContent());
    }

    public function test_a_reader_sees_nothing_of_the_living_anywhere(): void
    {
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $routes = ['/people', '/people?q=una', '/jump?q=una', '/jump?q=unna', "/people/{$this->una}", "/people/{$this->magnus}", '/desk',
            '/sources', '/places', '/unions?q=osk',
            "/drawings/ancestors/{$this->una}", '/exchange', '/journal', '/exchange/export'];
        foreach ($routes as $route) {
            $answer = $this->get("/api/trees/{$this->tree->id}{$route}");
            $said = $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\BinaryFileResponse ? $answer->streamedContent()
                : (string) $answer->getContent();
            self::assertStringNotContainsString('Una', $said, $route);
            self::assertStringNotContainsString('1980', $said, $route);
        }
        $this->api('GET', '/exchange/export?living=keep')->assertForbidden();

        $this->tree->fresh()?->forceFill(['readers_see_living' => true])->save();
        self::assertSame('Una Osk', $this->api('GET', "/people/{$this->una}")->json('name'));
    }

    public function test_no_route_that_a_reader_can_ask_tells_of_the_living(): void
    {
        $this->relative($this->una, 'father', 'Donal Osk h b 1920 d 1990');
        $this->relative($this->una, 'partner', 'Bran Drum h b 1900 d 1999 m 1985 Una Steps, Pellmouth');
        $place = $this->api('POST', '/places', ['name' => 'Pellmouth'])->json('id');
        $source = $this->api('POST', '/sources', ['title' => 'Letters of Una Osk', 'repository' => 'At home'])->json('id');
        $this->api('POST', "/sources/{$source}/notes", ['text' => 'Una Osk has them.'])->assertOk();
        $this->api('POST', '/world-events', ['words' => 'the bridge', 'date' => '1975', 'place' => 'Pellmouth'])->assertOk();
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'letter'])->assertOk()->json('id');
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '1990', 'lines' => [['id' => (string) Str::uuid7(), 'name' => 'Una Osk']]])->assertOk();
        $union = $this->api('GET', "/people/{$this->una}")->json('unions.0.id');
        $this->api('PATCH', '', ['centrePersonId' => $this->una])->assertOk();
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $filled = ['{record}' => $record, '{page}' => '0', '{level}' => '0', '{x}' => '0', '{y}' => '0', '{tree}' => $this->tree->id,
            '{person}' => $this->una, '{source}' => $source, '{place}' => $place, '{union}' => $union, '{subject}' => $union];
        $asked = 0;
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            if ($route->methods()[0] !== 'GET' || ! in_array('tree:reader', $route->gatherMiddleware(), true)) {
                continue;
            }
            $kind = str_contains($route->uri(), 'reports/') ? 'family' : 'ancestors';
            $path = strtr($route->uri(),
                [...$filled, '{kind}' => $kind, '{format}' => str_contains($route->uri(), 'reports/') ? 'html' : 'svg']);
            foreach (['', '?q=una', '?q=osk', '?text=Una+Steps', '?q=una+st', "?place={$place}"] as $query) {
                $answer = $this->get("/{$path}{$query}");
                self::assertLessThan(500, $answer->getStatusCode(), $path.$query);
                $said = $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\BinaryFileResponse ? $answer->streamedContent()
                    : (string) $answer->getContent();
                // What was asked may be told back; a name of hers may not.
                self::assertDoesNotMatchRegularExpression('/Una Osk|Una\\/Osk|"Una"|1980/', str_replace('Una+Steps', '', $said),
                    $path.$query);
                $asked++;
            }
        }
        self::assertGreaterThan(100, $asked);
    }

    public function test_the_day_follows_from_kin_and_is_kept_up_to_date(): void
    {
        $this->api('POST', "/people/{$this->magnus}/relatives", ['relation' => 'father', 'line' => 'Ewan Osk'])->assertSuccessful();
        $this->api('POST', "/people/{$this->una}/relatives", ['relation' => 'child', 'line' => 'Kit Osk'])->assertSuccessful();
        $days = fn (): array => DB::table('person_lines')->where('tree_id', $this->tree->id)->orderBy('number')
            ->pluck('dead_from', 'shown_name')
            ->map(static fn (?int $day): ?string => IsoDay::orNull($day))->all();
        self::assertSame(['Magnus Osk' => '1950-12-31', 'Una Osk' => '2090-05-04', 'Ewan Osk' => '1981-01-01', 'Kit Osk' => null], $days());

        $kept = $days();
        app(PersonIndex::class)->rebuild();
        self::assertSame($kept, $days());
    }

    public function test_an_editor_says_that_somebody_is_dead_and_why(): void
    {
        $version = Person::query()->findOrFail($this->una)->version;
        $this->api('PATCH', "/people/{$this->una}", ['version' => $version, 'saidDeadWhy' => 'Her sister wrote so in 2024.'])
            ->assertSuccessful();

        self::assertSame('Her sister wrote so in 2024.', $this->api('GET', "/people/{$this->una}")->json('saidDeadWhy'));
        self::assertFalse($this->api('GET', "/people/{$this->una}")->json('isLiving'));
        self::assertStringContainsString('Una /Osk/', $this->file(''));
    }

    private function file(string $more): string
    {
        return $this->get("/api/trees/{$this->tree->id}/exchange/export?version=7{$more}")->assertOk()->streamedContent();
    }
}
