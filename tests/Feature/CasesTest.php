<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Parentage;
use App\Models\Question;
use App\Models\Tree;
use Illuminate\Support\Facades\DB;

/** Cases of identity and kinship: alternatives, points, how far they are concluded, and what the tree then shows. */
final class CasesTest extends TestCase
{
    use UploadsFiles;

    private const LINE = '019aa000-0000-7000-8000-000000000001';

    public function test_a_line_may_be_one_of_several_until_it_is_proved(): void
    {
        [$line, $keziah, $other] = $this->line();
        $case = $this->api('POST', '/cases', ['aspect' => 'line', 'lineId' => $line, 'people' => [$keziah, $other]])->assertOk()
            ->json('id');
        $page = $this->api('GET', "/cases/{$case}")->assertOk();
        self::assertSame(['Who is “Keziah Osk”?', 'open', '20, Servant'],
            [$page->json('sentence'), $page->json('state'), $page->json('line.says')]);
        self::assertSame(['alternative', 'alternative'], $this->placings());
        [$first, $second] = array_column($page->json('alternatives'), 'id');

        $conclude = fn (array $said) => $this->api('POST', "/cases/{$case}/conclude", ['version' => $this->row($case)->version, ...$said]);
        $conclude(['state' => 'probable', 'alternativeId' => $first, 'reason' => ''])->assertStatus(422);
        $conclude(['state' => 'probable', 'reason' => 'The nickname.'])->assertStatus(422);
        $conclude(['state' => 'probable', 'alternativeId' => $first, 'reason' => 'The nickname and the birthplace.'])->assertOk();
        self::assertSame([['alternative', 'probable'], 'probable', 'Hezzy Drum'],
            [$this->placings(), $this->row($case)->state, $this->row($case)->decision]);
        $conclude(['state' => 'proved', 'alternativeId' => $second, 'reason' => 'The letter.'])->assertOk();
        self::assertSame(['placed', 'refused'], $this->placings());
        self::assertSame([false, true], array_column($this->api('GET', "/cases/{$case}")->json('alternatives'), 'isConcluded'));
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(['alternative', 'probable'], $this->placings());
        $conclude(['state' => 'unresolved'])->assertOk();
        self::assertSame([['alternative', 'alternative'], 'unresolved'], [$this->placings(), $this->row($case)->state]);
    }

    public function test_an_unproved_tie_is_there_and_says_so_and_the_proved_one_rules_the_other_out(): void
    {
        $keziah = $this->person('Keziah Osk w b 1820 Tolsay');
        $ann = $this->relative($keziah, 'mother', 'Ann Osk w b 1795');
        $moll = $this->person('Moll Stair w b 1799');
        $case = $this->api('POST', '/cases', ['aspect' => 'mother', 'personId' => $keziah, 'people' => [$ann, $moll]])->assertOk()
            ->json('id');
        [$first, $second] = array_column($this->api('GET', "/cases/{$case}")->json('alternatives'), 'id');
        $conclude = fn (string $state, ?string $for) => $this->api('POST', "/cases/{$case}/conclude",
            ['version' => $this->row($case)->version, 'state' => $state, 'alternativeId' => $for, 'reason' => 'So it seems.'])
            ->assertOk();

        $conclude('probable', $first);
        self::assertSame([$ann => ['probable', 'accepted']], $this->ties());
        $conclude('proved', $second);
        self::assertSame([$ann => ['unresolved', 'ruled out'], $moll => ['proved', 'accepted']], $this->ties());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([$ann => ['probable', 'accepted']], $this->ties());
        $set = $this->api('GET', "/people/{$keziah}")->json('parentSets.0');
        self::assertSame(['probable', 'probable'], [$set['proof'], $set['ties'][0]['proof']]);
    }

    public function test_points_rest_on_claims_and_a_claim_that_is_shaken_opens_the_case_again(): void
    {
        [$line, $keziah, $other] = $this->line();
        $birth = $this->fact($keziah, 'birth')->id;
        $claim = $this->api('POST', "/facts/{$birth}/citations",
            ['sourceId' => $this->source('Register of St Osmund'), 'locator' => 'p. 8', 'words' => 'Hezzy'])->assertOk()->json('id');
        $case = $this->api('POST', '/cases', ['aspect' => 'line', 'lineId' => $line, 'people' => [$keziah, $other]])->json('id');
        $first = $this->api('GET', "/cases/{$case}")->json('alternatives.0.id');
        self::assertContains('Register of St Osmund, p. 8: birth about 1820, Tolsay “Hezzy”',
            array_column($this->api('GET', "/cases/{$case}")->json('citable'), 'words'));
        $this->api('POST', "/cases/{$case}/points",
            ['text' => 'The register calls her Hezzy.', 'isFor' => true, 'alternativeId' => $first, 'claimId' => $claim])->assertOk();
        $this->api('POST', "/cases/{$case}/points",
            ['text' => 'She would be a year too young.', 'isFor' => false, 'alternativeId' => $first, 'weight' => 'slight'])->assertOk();
        self::assertSame([[true, 'slight', 'p. 8'], [false, 'slight', '']],
            array_map(static fn (array $point): array => [$point['isFor'], $point['weight'],
                preg_match('/p\. 8/', $point['cited']) === 1 ? 'p. 8' : ''],
                $this->api('GET', "/cases/{$case}")->json('alternatives.0.points')));
        $this->api('POST', "/cases/{$case}/conclude",
            ['version' => 1, 'state' => 'probable', 'alternativeId' => $first, 'reason' => 'The register.'])->assertOk();

        // A claim that it does not rest on leaves it alone.
        $aside = $this->api('POST', "/facts/{$birth}/citations", ['sourceId' => $this->source('Stones of Tolsay')])->assertOk()->json('id');
        $this->api('DELETE', "/claims/{$aside}")->assertSuccessful();
        self::assertSame('probable', $this->row($case)->state);
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'secondary', 'reading' => 'sure', 'informant' => ''])
            ->assertOk();
        self::assertSame(['open', 'A claim that it rests on was changed.'], [$this->row($case)->state, $this->row($case)->reopened_by]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('probable', $this->row($case)->state);

        // The thread knows what the case rests on, and what rests on the case.
        $page = $this->api('GET', "/impact/claim/{$claim}")->assertOk();
        self::assertSame(['fact' => 'falls', 'placing' => 'unproved', 'decision' => 'opens again'],
            array_column($page->json('effects'), 'outcome', 'kind'));
        $this->api('POST', "/impact/claim/{$claim}", ['why' => 'Another Hezzy.', 'seen' => $page->json('mark')])->assertOk();
        self::assertSame([['alternative', 'alternative'], 'open'], [$this->placings(), $this->row($case)->state]);
    }

    public function test_two_people_may_be_one_and_what_helps_stands_beside(): void
    {
        $keziah = $this->person('Keziah Osk w b abt 1820 Tolsay');
        $this->relative($keziah, 'father', 'Brand Osk h b 1790');
        $sister = $this->relative($keziah, 'sibling', 'Marion Osk w b 1825');
        $this->api('POST', "/people/{$sister}/facts", ['kind' => 'residence', 'date' => '1843', 'place' => 'Kirkhaven'])->assertOk();
        $hezzy = $this->person('Hezzy Drum w b abt 1821 Tolsay d 6 Dec 1889');
        $this->api('POST', "/people/{$hezzy}/facts", ['kind' => 'census', 'date' => '1861', 'place' => 'Little Orran'])->assertOk();
        $case = $this->api('POST', '/cases', ['aspect' => 'same', 'personId' => $keziah, 'people' => [$hezzy]])->assertOk()->json('id');
        self::assertSame('Are Keziah Osk and Hezzy Drum one person?', $this->api('GET', "/cases/{$case}")->json('sentence'));
        $this->api('POST', '/searches',
            ['lookedFor' => 'Keziah Osk', 'lookedIn' => 'Census of 1861, Tolsay, every schedule', 'outcome' => 'nothing', 'isWhole' => true,
                'people' => [$keziah], 'date' => '3 May 1999'])->assertOk();

        $beside = $this->api('GET', "/cases/{$case}/beside?on=1841")->assertOk();
        $at = array_column($beside->json('people'), null, 'name');
        self::assertSame(['18–23', '15–16', 'sister of Keziah', 'Kirkhaven', '1843'],
            [$at['Keziah Osk']['age'], $at['Marion Osk']['age'], $at['Marion Osk']['who'], $at['Marion Osk']['place'],
                $at['Marion Osk']['when']]);
        self::assertContains('hezzy', array_column($beside->json('names'), 'variants', 'name')['Keziah']);
        $seen = array_column($beside->json('seen'), null, 'name');
        self::assertSame(['about 1820, birth, Tolsay', 'Census of 1861, Tolsay, every schedule', '1861, census, Little Orran', ''],
            [$seen['Keziah Osk']['last'], $seen['Keziah Osk']['missing'], $seen['Hezzy Drum']['last'], $seen['Hezzy Drum']['missing']]);
        self::assertSame('Keziah Osk', $this->api('GET', '/searches?q=schedule')->json('searches.0.people.0.name'));
        self::assertSame([], $this->api('GET', '/searches?q=nowhere')->json('searches'));
    }

    public function test_a_case_is_between_people_and_goes_with_the_person(): void
    {
        $keziah = $this->person('Keziah Osk w b 1820 Tolsay');
        $hezzy = $this->person('Hezzy Drum w');
        $this->api('POST', '/cases', ['aspect' => 'same', 'personId' => $keziah, 'people' => [$keziah]])->assertStatus(422);
        $this->api('POST', '/cases', ['aspect' => 'line', 'personId' => $keziah, 'people' => [$hezzy]])->assertStatus(422);
        $case = $this->api('POST', '/cases', ['aspect' => 'same', 'personId' => $keziah, 'people' => [$hezzy]])->json('id');
        $this->api('POST', "/cases/{$case}/tasks", ['text' => 'Look for the burial.'])->assertOk();
        $this->api('DELETE', "/people/{$hezzy}")->assertSuccessful();
        self::assertSame(0, Question::query()->count());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(['Look for the burial.'], array_column($this->api('GET', "/cases/{$case}")->assertOk()->json('tasks'), 'text'));
    }

    /** @return array{string, string, string} a line of a census, and two whom it may be */
    private function line(): array
    {
        $source = $this->source('Census of the Marren Isles, 1841');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1841'])->assertOk()->json('id');
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '6 June 1841',
                'lines' => [['id' => self::LINE, 'name' => 'Keziah Osk', 'columns' => ['age' => '20', 'occupation' => 'Servant']]]])
            ->assertOk();

        return [self::LINE, $this->person('Hezzy Drum w b abt 1820 Tolsay'), $this->person('Keziah Osk w b 1816 Slatequay')];
    }

    private function row(string $case): Question
    {
        return Question::query()->where('id', $case)->firstOrFail();
    }

    /** @return list<string> */
    private function placings(): array
    {
        return array_values(DB::table('placings')->where('tree_id', $this->tree->id)->orderBy('state')->pluck('state')->all());
    }

    /** @return array<string, array{string, string}> proof and standing, by parent */
    private function ties(): array
    {
        return Parentage::query()->orderBy('id')->get()
            ->mapWithKeys(static fn (Parentage $tie): array => [$tie->person_id => [$tie->proof, $tie->standing]])->all();
    }

    public function test_of_two_of_one_name_the_one_in_hand_is_concluded(): void
    {
        $child = $this->person('Jean Tarrel w b 1850');
        $both = [$this->person('Magnus Tarrel h b 1818'), $this->person('Magnus Tarrel h b 1821')];
        $case = $this->api('POST', '/cases', ['aspect' => 'father', 'personId' => $child, 'people' => $both])->assertOk()->json('id');
        $second = $this->api('GET', "/cases/{$case}")->json('alternatives.1.id');
        $this->api('POST', "/cases/{$case}/conclude",
            ['version' => 1, 'state' => 'probable', 'alternativeId' => $second, 'reason' => 'The elder was at sea.'])->assertOk();
        self::assertSame([false, true], $this->api('GET', "/cases/{$case}")->json('alternatives.*.isConcluded'));
    }

    public function test_cases_searches_and_withdrawn_claims_go_out_and_come_back(): void
    {
        $keziah = $this->person('Keziah Osk w b abt 1820');
        $hezzy = $this->person('Hezzy Drum w d 6 Dec 1889');
        $case = $this->api('POST', '/cases', ['aspect' => 'same', 'personId' => $keziah, 'people' => [$hezzy]])->assertOk()->json('id');
        $one = $this->api('GET', "/cases/{$case}")->json('alternatives.0.id');
        $this->api('POST', "/cases/{$case}/points",
            ['text' => 'Hezzy is the pet form.', 'isFor' => true, 'weight' => 'strong', 'alternativeId' => $one])->assertOk();
        $this->api('POST', "/cases/{$case}/conclude",
            ['version' => 1, 'state' => 'probable', 'alternativeId' => $one, 'reason' => 'Nobody else fits.'])->assertOk();
        $this->api('POST', '/searches',
            ['lookedFor' => 'her burial', 'lookedIn' => 'Burials of St Osmund', 'date' => '2 Nov 2021', 'outcome' => 'nothing',
                'isWhole' => true, 'people' => [$keziah, $hezzy]])->assertOk();
        $death = $this->fact($hezzy, 'death')->id;
        $claim = $this->api('POST', "/facts/{$death}/citations", ['sourceId' => $this->source('Civil Registration'), 'locator' => 'no. 1'])
            ->assertOk()->json('id');
        $this->api('POST', "/impact/claim/{$claim}",
            ['why' => 'It is of another Hezzy.', 'seen' => $this->api('GET', "/impact/claim/{$claim}")->json('mark')])->assertOk();
        $said = static fn (string $file): string => (string) preg_replace('/^1 CHAN\n2 DATE .*\n3 TIME .*\n/m', '',
            (string) strstr($file, "\n0 @"));
        $file = $this->exported();
        self::assertStringContainsString("3 QUAY 0\n3 _NB_CLASSED\n", $file);
        self::assertStringContainsString('4 _NB_WITHDRAWN It is of another Hezzy.', $file);

        $this->tree = Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($file)->assertOk();
        self::assertSame($said($file), $said($this->exported()));
        $again = $this->api('GET', '/cases/'.Question::query()->where('kind', 'identity')->value('id'))->assertOk();
        self::assertSame(['probable', 'Nobody else fits.', 'Hezzy is the pet form.'],
            [$again->json('state'), $again->json('reason'), $again->json('alternatives.0.points.0.text')]);
        self::assertSame(['her burial'], $this->api('GET', '/searches')->json('searches.*.lookedFor'));
    }
}
