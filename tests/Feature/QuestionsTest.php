<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Question;
use App\Models\Tree;
use Illuminate\Support\Facades\DB;

/** Conflicts open questions, questions are weighed and decided, and open again by what contradicts the decision and by nothing else. */
final class QuestionsTest extends TestCase
{
    use AsksQuestions;
    use UploadsFiles;

    public function test_a_hard_contradiction_opens_its_question_at_once_and_a_soft_one_does_not(): void
    {
        $ewan = $this->person('Ewan Tarrel h b abt 1850 Hask d 1899');
        $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'birth', 'date' => '1853'])->assertOk();
        self::assertSame(0, Question::query()->count());
        $this->api('POST', "/people/{$ewan}/facts", ['kind' => 'death', 'date' => '1898'])->assertOk();
        self::assertSame([['death', 'open', '1899 and 1898: 1 day apart.']], Question::query()->get()
            ->map(static fn (Question $q): array => [$q->aspect, $q->state, $q->title])->all());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(0, Question::query()->count());
    }

    public function test_claims_stand_side_by_side_with_class_weight_and_span(): void
    {
        [$magnus] = $this->keeper();
        $question = $this->question();
        $page = $this->api('GET', "/questions/{$question}")->assertOk();
        self::assertSame(['When was Magnus Tarrel born?', 'open', $magnus],
            [$page->json('sentence'), $page->json('state'), $page->json('personId')]);
        self::assertSame(
            [['3 May 1818', 'original', 'primary', 'strong'], ['1817', 'original', 'secondary', 'slight'],
                ['1819 or 1820', 'original', 'secondary', 'slight']],
            array_map(static fn (array $row): array => [$row['told'], $row['sourceClass'], $row['information'], $row['weight']],
                $page->json('rows')));
        self::assertCount(3, array_unique(array_column($page->json('rows'), 'origin')));
        $candidate = array_values(
            array_filter($page->json('stops'), static fn (array $candidate): bool => $candidate['shown'] === '3 May 1818'))[0];
        self::assertSame('fcf', $candidate['verdicts']);
        self::assertStringStartsWith('3 May 1818 is told by ', $candidate['reason']);
        self::assertStringContainsString('cannot be true with it', $candidate['reason']);
    }

    public function test_a_decision_closes_it_and_only_what_contradicts_opens_it_again(): void
    {
        [$magnus, $baptism, $book] = $this->keeper();
        $question = $this->question();
        $decide = fn (array $said) => $this->api('POST', "/questions/{$question}/decide",
            ['version' => $this->row($question)->version, ...$said]);
        $decide(['factId' => $baptism, 'reason' => ''])->assertStatus(422);
        $decide(['factId' => $this->fact($magnus, 'census')->id, 'reason' => 'It says so.'])->assertStatus(409);
        $decide(['factId' => $baptism, 'reason' => 'The register was written that month.', 'standings' => [$book => 'ruled out']])
            ->assertOk();
        self::assertSame(['decided', '3 May 1818, Hask'], [$this->row($question)->state, $this->row($question)->decision]);
        self::assertSame(['accepted', 'ruled out'],
            [Event::query()->findOrFail($baptism)->standing, Event::query()->findOrFail($book)->standing]);
        self::assertSame(1, DB::table('rests_on')->where('tree_id', $this->tree->id)->count());

        // What fits it, what is soft, and another fact of the life leave it alone.
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => 'May 1818'])->assertOk();
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => 'abt 1820'])->assertOk();
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'occupation', 'value' => 'keeper', 'date' => '1841'])->assertOk();
        self::assertSame('decided', $this->row($question)->state);

        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => '1816'])->assertOk();
        self::assertSame(['open', 'It was decided, and then: 3 May 1818 and 1816: 488 days apart.'],
            [$this->row($question)->state, $this->row($question)->reopened_by]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('decided', $this->row($question)->state);
        $this->api('POST', "/questions/{$question}/reopen", ['why' => 'The register is a copy.'])->assertOk();
        self::assertSame('The register is a copy.', $this->row($question)->reopened_by);
    }

    public function test_a_decision_is_opened_again_by_what_it_rests_on_and_by_what_supports_the_ruled_out(): void
    {
        [$magnus, $baptism, $book] = $this->keeper();
        $question = $this->question();
        $decide = function () use ($question, $baptism, $book): void {
            $this->api('POST', "/questions/{$question}/decide",
                ['version' => $this->row($question)->version, 'factId' => $baptism, 'reason' => 'The register.',
                    'standings' => [$book => 'ruled out']])->assertOk();
        };
        $state = fn (): array => [$this->row($question)->state, $this->row($question)->reopened_by];
        $claims = static fn (string $fact): string => (string) DB::table('claims')->where('event_id', $fact)->orderBy('id')->value('id');

        $decide();
        // A claim that it does not rest on, another citation of what leads, a note, another fact: none of them opens it.
        $this->api('PATCH', "/claims/{$claims($book)}", ['version' => 1, 'information' => 'primary'])->assertOk();
        $this->api('POST', "/facts/{$baptism}/citations", ['sourceId' => $this->source('The Packet'), 'locator' => 'p. 1'])->assertOk();
        $this->api('POST', "/people/{$magnus}/notes", ['text' => 'A quiet man.'])->assertOk();
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'occupation', 'value' => 'keeper', 'date' => '1841'])->assertOk();
        self::assertSame('decided', $state()[0]);

        $this->api('PATCH', "/claims/{$claims($baptism)}", ['version' => 1, 'information' => 'secondary'])->assertOk();
        self::assertSame(['open', 'A claim that it rests on was changed.'], $state());
        $decide();
        $this->api('POST', "/facts/{$book}/citations", ['sourceId' => $this->source('The Light Journal'), 'locator' => 'p. 3'])->assertOk();
        self::assertSame(['open', 'A claim supports what was ruled out: 1817.'], $state());
        $decide();
        $this->api('DELETE', "/claims/{$claims($baptism)}")->assertNoContent();
        self::assertSame(['open', 'A claim that it rests on was taken away.'], $state());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('decided', $state()[0]);
    }

    public function test_a_proof_summary_follows_from_the_decision_and_may_be_written_otherwise(): void
    {
        [, $baptism] = $this->keeper();
        $question = $this->question();
        $this->api('POST', "/questions/{$question}/decide",
            ['version' => 1, 'factId' => $baptism, 'reason' => 'The register was written that month.'])->assertOk();
        $summary = $this->api('GET', "/questions/{$question}")->json('summary');
        foreach (['When was Magnus Tarrel born?', '3 origins that do not depend on one another', 'The register was written that month.',
            'Concluded: 3 May 1818, Hask.', '(strong)'] as $words) {
            self::assertStringContainsString($words, $summary);
        }
        $printed = fn (string $format): string => (string) $this->get(
            "/api/trees/{$this->tree->id}/reports/proof/{$question}.{$format}")->assertOk()->getContent();
        self::assertStringContainsString('The register was written that month.', $printed('html'));
        self::assertStringContainsString('Of church-register', $printed('html'));
        self::assertStringStartsWith('%PDF', $printed('pdf'));
        $version = $this->api('GET', "/questions/{$question}")->json('version');
        $this->api('PUT', "/questions/{$question}/summary", ['version' => $version, 'text' => 'In my own words.'])->assertOk();
        self::assertSame('In my own words.', $this->api('GET', "/questions/{$question}")->json('summary'));
        self::assertStringContainsString('In my own words.', $printed('html'));
        $this->api('PUT', "/questions/{$question}/summary", ['version' => $version, 'text' => 'Unseen.'])->assertStatus(409);
    }

    public function test_what_is_concluded_and_told_by_nobody_is_a_fact_of_its_own(): void
    {
        [$magnus] = $this->keeper();
        $question = $this->question();
        $this->api('POST', "/questions/{$question}/decide",
            ['version' => 1, 'date' => 'between 1817 and 1818', 'reason' => 'Either book may be a year out.'])->assertOk();
        self::assertSame([['between 1817 and 1818', 'accepted']], Event::query()->where('person_id', $magnus)->where('kind', 'birth')
            ->where('standing', 'accepted')->get()->map(static fn (Event $e): array => [$e->date_typed, $e->standing])->all());
        self::assertSame(DB::table('events')->where('standing', 'accepted')->where('person_id', $magnus)->value('date_shown'),
            $this->api('GET', '/people?q=Magnus')->json('rows.0.born'));
    }

    public function test_a_rival_leads_in_one_act_and_leading_twice_is_nothing(): void
    {
        [, $baptism, $book] = $this->keeper();
        $standings = fn (): array => [Event::query()->findOrFail($baptism)->standing, Event::query()->findOrFail($book)->standing];
        $this->api('POST', "/facts/{$book}/lead", ['why' => 'He signed it himself.'])->assertOk();
        self::assertSame(['rival', 'accepted'], $standings());
        $before = $this->exported();
        $this->api('POST', "/facts/{$book}/lead")->assertOk();
        self::assertSame($before, $this->exported());
        $this->api('POST', "/facts/{$baptism}/lead")->assertOk();
        self::assertSame(['accepted', 'rival'], $standings());
        $this->api('POST', "/facts/{$book}/rule-out")->assertStatus(422);
        $this->api('POST', "/facts/{$book}/rule-out", ['why' => 'A clerk’s guess.'])->assertOk();
        self::assertSame(['accepted', 'ruled out'], $standings());
    }

    public function test_a_ruled_out_value_typed_again_brings_up_why(): void
    {
        [$magnus, , $book] = $this->keeper();
        $this->meansIt = false;
        $this->api('POST', "/facts/{$book}/rule-out", ['why' => 'A clerk’s guess.'])->assertOk();
        $add = fn (array $said) => $this->api('POST', "/people/{$magnus}/facts", $said);
        $add(['kind' => 'birth', 'date' => '1817'])->assertStatus(409)
            ->assertJsonPath('message', 'Birth 1817 was ruled out: A clerk’s guess.')->assertJsonPath('details.again', true);
        $add(['kind' => 'birth', 'date' => '1816'])->assertOk();
        $add(['kind' => 'death', 'date' => '1817'])->assertOk();
        $add(['kind' => 'birth', 'date' => '1817', 'again' => true])->assertOk();
    }

    public function test_a_claim_is_classed_by_hand_and_a_weight_is_overruled_only_with_words(): void
    {
        $this->keeper();
        $question = $this->question();
        $row = $this->api('GET', "/questions/{$question}")->json('rows.1');
        $this->api('PATCH', "/claims/{$row['claimId']}", ['version' => 1, 'weight' => 'strong'])->assertStatus(422);
        $this->api('PATCH', "/claims/{$row['claimId']}",
            ['version' => 1, 'information' => 'primary', 'sourceClass' => 'derivative', 'informant' => 'the keeper'])->assertOk();
        $now = $this->api('GET', "/questions/{$question}")->json('rows.1');
        self::assertSame(['primary', 'derivative', 'the keeper', 'slight'],
            [$now['information'], $now['sourceClass'], $now['said']['informant'], $now['weight']]);
        $this->api('PATCH', "/claims/{$row['claimId']}", ['version' => 2, 'weight' => 'fair', 'why' => 'He wrote it himself.'])->assertOk();
        $now = $this->api('GET', "/questions/{$question}")->json('rows.1');
        self::assertSame(['fair', 'Said to be fair: He wrote it himself.'], [$now['weight'], $now['working'][0]]);
        $this->api('PATCH', "/claims/{$row['claimId']}", ['version' => 1, 'information' => 'secondary'])->assertStatus(409);
    }

    public function test_what_was_copied_from_another_leans_on_it_and_origins_are_said_by_hand(): void
    {
        $this->keeper();
        $question = $this->question();
        $rows = fn (): array => $this->api('GET', "/questions/{$question}")->collect('rows')->keyBy('claimId')->all();
        [$first, $second] = array_map(strval(...), array_slice(array_keys($rows()), 0, 2));
        $class = fn (string $claim, array $said) => $this->api('PATCH', "/claims/{$claim}",
            ['version' => $rows()[$claim]['version'], ...$said]);
        $sameOrigin = static fn (): bool => $rows()[$first]['origin'] === $rows()[$second]['origin'];
        self::assertSame(['direct', false], [$rows()[$first]['evidence'], $sameOrigin()]);

        $class($second, ['origin' => 'his own word'])->assertOk();
        $class($first, ['origin' => ' his own word ', 'evidence' => 'indirect', 'informantTie' => 'his father'])->assertOk();
        self::assertSame([true, 'his own word', 'indirect', 'his father'],
            [$sameOrigin(), $rows()[$first]['said']['origin'], $rows()[$first]['evidence'], $rows()[$first]['said']['informantTie']]);
        $class($first, ['origin' => ''])->assertOk();
        self::assertFalse($sameOrigin());
        $class($second, ['derivedFromId' => $first])->assertOk();
        self::assertSame(['derived', $first, true], [$rows()[$second]['weight'], $rows()[$second]['derivedFromId'], $sameOrigin()]);
        $class($first, ['derivedFromId' => $second])->assertStatus(409);
        $class($first, ['derivedFromId' => $first])->assertStatus(409);

        // What was copied falls with what it was copied from.
        $told = $this->api('GET', "/impact/claim/{$first}")->assertOk();
        self::assertEqualsCanonicalizing(['falls', 'falls'],
            array_column(array_filter($told->json('effects'), static fn (array $effect): bool => $effect['kind'] === 'fact'), 'outcome'));
        $file = $this->exported();
        self::assertStringContainsString('_NB_FROM 1', $file);
        self::assertStringContainsString("4 _NB_TIE his father\n4 _NB_EVIDENCE indirect", $file);
        $this->api('DELETE', "/claims/{$first}")->assertSuccessful();
        self::assertNull(Claim::query()->where('id', $second)->firstOrFail()->leans_on_id);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($first, Claim::query()->where('id', $second)->firstOrFail()->leans_on_id);
        self::assertSame($file, $this->exported());
    }

    public function test_standings_classes_and_questions_go_out_and_come_back(): void
    {
        [, $baptism, $book] = $this->keeper();
        $question = $this->question();
        $claim = $this->api('GET', "/questions/{$question}")->json('rows.0.claimId');
        $this->api('PATCH', "/claims/{$claim}",
            ['version' => 1, 'information' => 'primary', 'informant' => 'his father', 'sourceClass' => 'original', 'weight' => 'fair',
                'why' => 'A copy of the week.'])->assertOk();
        $this->api('POST', "/questions/{$question}/decide",
            ['version' => 1, 'factId' => $baptism, 'reason' => 'The register was written that month.',
                'standings' => [$book => 'ruled out']])->assertOk();
        $said = static fn (string $file): string => (string) preg_replace('/^1 CHAN\n2 DATE .*\n3 TIME .*\n/m', '',
            (string) strstr($file, "\n0 @"));
        $file = $this->exported();
        self::assertStringContainsString('QUAY 3', $file);

        $this->tree = Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($file)->assertOk();
        self::assertSame($said($file), $said($this->exported()));
        $page = $this->api('GET', '/questions/'.$this->question())->assertOk();
        self::assertEqualsCanonicalizing(['decided', 'The register was written that month.', ['fair', 'slight', 'slight']],
            [$page->json('state'), $page->json('reason'), array_column($page->json('rows'), 'weight')]);
        self::assertSame(['accepted', 'rival', 'ruled out'], Event::query()->where('kind', 'birth')->orderBy('standing')->pluck('standing')
            ->all());
    }

    public function test_readers_from_whom_the_living_are_withheld_see_no_questions(): void
    {
        $this->keeper();
        $question = $this->question();
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $this->api('GET', '/questions')->assertForbidden();
        $this->api('GET', "/questions/{$question}")->assertForbidden();
    }
}
