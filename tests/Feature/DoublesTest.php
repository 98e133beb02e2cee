<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Trees\Doubles\FindDoubles;
use App\Trees\Doubles\ScanScope;
use App\Trees\Exchange\SilentProgress;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Doubles are looked for, listed, compared, ruled on and joined, through the doors that the page uses. */
final class DoublesTest extends TestCase
{
    public function test_pairs_are_found_listed_and_set_side_by_side(): void
    {
        [$isbel, $twin] = $this->isbels();
        $this->scan();

        $page = $this->api('GET', '/doubles')->assertOk()->json();
        self::assertSame([$isbel, $twin], [$page['pairs'][0]['a']['id'], $page['pairs'][0]['b']['id']]);
        self::assertSame(1, $page['toDo']);
        self::assertNotSame('', $page['pairs'][0]['says']);

        $compared = $this->api('GET', "/doubles/{$isbel}/{$twin}")->assertOk()->json();
        $words = array_column($compared['lines'], 'word', 'aspect');
        self::assertSame('fits', $words['Birth']);
        self::assertSame('agrees', $words['Partners']);
        self::assertSame('told of one', $words['Christening']);
        self::assertGreaterThan(0.5, $compared['pairs'][0]['probability']);
    }

    public function test_a_christening_never_passes_for_a_birth(): void
    {
        $a = $this->person('Una Osk w b 4 Mar 1801 Hask');
        $b = $this->person('Una Osk w');
        $this->api('POST', "/people/{$b}/facts", ['kind' => 'christening', 'date' => '4 Mar 1801', 'place' => 'Hask'])->assertOk();

        $words = array_column($this->api('GET', "/doubles/{$a}/{$b}")->json('lines'), 'word', 'aspect');

        self::assertSame(['told of one', 'told of one'], [$words['Birth'], $words['Christening']]);
    }

    public function test_a_ruled_pair_does_not_come_back_and_shows_who_ruled_and_why(): void
    {
        [$isbel, $twin] = $this->isbels();
        $this->scan();
        $this->api('PUT', "/doubles/{$twin}/{$isbel}/ruling", ['ruling' => 'different'])->assertStatus(422);
        $this->api('PUT', "/doubles/{$twin}/{$isbel}/ruling", ['ruling' => 'different', 'reason' => 'Their fathers are two men.'])
            ->assertOk();
        $this->scan();

        self::assertSame(0, $this->api('GET', '/doubles')->json('toDo'));
        self::assertSame('Their fathers are two men.', $this->api('GET', '/doubles?show=different')->json('pairs.0.reason'));
        self::assertSame('different', $this->api('GET', "/people/{$isbel}/doubles")->json('pairs.0.ruling'));
        $pair = $this->api('GET', "/doubles/{$isbel}/{$twin}")->json('pairs.0');
        self::assertSame(['different', 'Their fathers are two men.'], [$pair['ruling'], $pair['reason']]);
        self::assertStringStartsWith('una', $pair['ruledBy']);
        $this->api('POST', "/doubles/{$isbel}/{$twin}/join")->assertStatus(409);

        $this->api('DELETE', "/doubles/{$isbel}/{$twin}/ruling")->assertNoContent();
        $this->scan();
        self::assertSame(1, $this->api('GET', '/doubles')->json('toDo'));
    }

    public function test_put_off_it_waits_in_its_own_list(): void
    {
        [$isbel, $twin] = $this->isbels();
        $this->scan();
        $this->api('PUT', "/doubles/{$isbel}/{$twin}/ruling", ['ruling' => 'not now'])->assertOk();

        self::assertSame([0, 1], [$this->api('GET', '/doubles')->json('toDo'), $this->api('GET', '/doubles')->json('later')]);
        self::assertCount(1, $this->api('GET', '/doubles?show=not%20now')->json('pairs'));
    }

    public function test_joined_through_the_page_the_old_address_leads_to_the_one_who_stays_and_apart_brings_both_back(): void
    {
        [$isbel, $twin] = $this->isbels();
        $this->scan();
        $plan = $this->api('GET', "/doubles/{$isbel}/{$twin}/plan")->assertOk()->json();
        self::assertSame('', $plan['refusal']);
        self::assertContains('name', array_column($plan['values'], 'choice'));

        $join = $this->api('POST', "/doubles/{$isbel}/{$twin}/join", ['reason' => 'Entered by two cousins.'])->assertOk()->json('id');
        self::assertSame($isbel, $this->api('GET', "/people/{$twin}")->json('id'));
        self::assertStringContainsString('Joined Isbel Maddern', $this->api('GET', "/people/{$isbel}/doubles")->json('joins.0.says'));

        $this->api('POST', "/people/{$isbel}/notes", ['text' => 'Wrote letters.'])->assertOk();
        $asked = $this->api('GET', "/people/{$isbel}/doubles")->json('joins.0.asked');
        self::assertCount(1, $asked);
        $this->api('POST', "/joins/{$join}/apart", ['ofGone' => [$asked[0]['id']]])->assertOk();
        self::assertSame($twin, DB::table('notes')->where('id', $asked[0]['id'])->value('person_id'));
        $this->api('POST', "/joins/{$join}/apart")->assertStatus(409);
    }

    public function test_a_slice_is_looked_through_and_the_counts_add_up(): void
    {
        [$isbel, $twin] = $this->isbels();
        $numbers = Person::query()->whereIn('id', [$isbel, $twin])->pluck('number')->implode(', ');
        $scope = app(ScanScope::class);

        self::assertNull($scope->ids([]));
        self::assertEqualsCanonicalizing([$isbel, $twin], $scope->ids(['numbers' => $numbers]));
        self::assertEqualsCanonicalizing([$isbel, $twin], $scope->ids(['name' => 'isbel']));
        self::assertEqualsCanonicalizing([$isbel, $twin], $scope->ids(['from' => 1796, 'to' => 1800]));
        self::assertContains($isbel, (array) $scope->ids(['place' => 'Slatequay']));
        $counts = app(FindDoubles::class)->run(new SilentProgress, $scope->ids(['name' => 'isbel']))->counts();
        self::assertSame([2, 2, 0], [$counts['lookedAt'], $counts['sure'] + $counts['several'], $counts['none']]);
        $this->api('POST', '/doubles/scans', ['name' => 'nobody of that name'])->assertStatus(422);
    }

    public function test_the_search_in_the_queue_tells_its_counts(): void
    {
        $this->isbels();
        $run = $this->api('POST', '/doubles/scans')->assertOk()->json();
        self::assertSame('done', $this->api('GET', '/doubles')->json('scan.state'), $run['said']);
        $counts = $this->api('GET', '/doubles')->json('counts');

        self::assertSame('everybody', $counts['of']);
        self::assertSame($counts['lookedAt'], $counts['sure'] + $counts['several'] + $counts['none']);
    }

    public function test_the_commands_tell_find_join_and_take_apart(): void
    {
        [$isbel, $twin] = $this->isbels();
        [$code, $found] = $this->command('bough:doubles', ['tree' => $this->tree->id]);
        self::assertSame(0, $code);
        self::assertEqualsCanonicalizing(['pairs', 'people', 'candidates', 'seconds'], array_keys($found));
        self::assertSame([$isbel, $twin], [$found['pairs'][0]['a'], $found['pairs'][0]['b']]);
        self::assertEqualsWithDelta($found['pairs'][0]['probability'],
            1 / (1 + 2 ** -array_sum(array_column($found['pairs'][0]['working'], 'weight'))), 0.01);

        [, $dry] = $this->command('bough:join', ['tree' => $this->tree->id, 'a' => $isbel, 'b' => $twin, '--dry-run' => true]);
        self::assertNull($dry['join']);
        self::assertSame([$isbel, $twin], [$dry['plan']['kept'], $dry['plan']['gone']]);
        self::assertTrue(Person::query()->whereKey($twin)->exists());

        [, $done] = $this->command('bough:join', ['tree' => $this->tree->id, 'a' => $isbel, 'b' => $twin, '--keep' => 'B']);
        self::assertFalse(Person::query()->whereKey($isbel)->exists());
        [$code, $apart] = $this->command('bough:apart', ['tree' => $this->tree->id, 'join' => $done['join']]);
        self::assertSame([0, $isbel, []], [$code, $apart['back'], $apart['questions']]);
        self::assertSame(1, $this->command('bough:apart', ['tree' => $this->tree->id, 'join' => $done['join']])[0]);
        self::assertSame(1, $this->command('bough:join', ['tree' => $this->tree->id, 'a' => $isbel, 'b' => $isbel])[0]);
        $this->enter($this->tree);
    }

    public function test_the_list_goes_out_as_a_table(): void
    {
        [$isbel, $twin] = $this->isbels();
        $this->scan();

        $table = (string) $this->api('GET', '/doubles/pairs.csv')->assertOk()->getContent();

        self::assertStringStartsWith("a,a_number,b,b_number,probability\r\n{$isbel},", $table);
        self::assertStringContainsString($twin, $table);
    }

    private function scan(): void
    {
        app(FindDoubles::class)->run(new SilentProgress);
    }

    /** @return array{string, string} a woman whom two cousins entered, once under her husband's name, beside other people */
    private function isbels(): array
    {
        foreach (['John Tarrel h b 1801', 'Mary Osk w b 1811 Hask', 'Ann Drum w b 1790', 'Bran Neap h b 1850', 'Una Corran w b 1779',
            'Col Lorne h b 1830', 'Ada Sallow w b 1822', 'Piers Brack h b 1760'] as $line) {
            $this->person($line);
        }
        $isbel = $this->person('Isbel Quillan w b 4 Oct 1799 Slatequay d 1884');
        $twin = $this->person('Isbel Maddern w b about 1799 Slatequay d 1884');
        $this->api('POST', "/people/{$twin}/facts", ['kind' => 'christening', 'date' => '1799'])->assertOk();
        $husband = $this->relative($isbel, 'partner', 'Rory Maddern h b 1795 m 12 May 1827');
        $this->api('POST', "/people/{$twin}/relatives", ['relation' => 'partner', 'personId' => $husband])->assertOk();

        return [$isbel, $twin];
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array{int, array<string, mixed>}
     */
    private function command(string $name, array $asked): array
    {
        $code = Artisan::call($name, [...$asked, '--json' => true]);

        return [$code, (array) json_decode(Artisan::output(), true)];
    }
}
