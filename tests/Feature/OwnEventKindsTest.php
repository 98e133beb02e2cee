<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** Kinds of event of one's own say what they tell of a life, and whoever asks of a life hears it. */
final class OwnEventKindsTest extends TestCase
{
    public function test_a_kind_that_stands_for_a_death_ends_a_life_for_facts_that_were_there_and_for_new_ones(): void
    {
        $id = $this->person('Ewan Tarrel');
        $this->told($id, ['typeWords' => 'Lost at sea', 'date' => '1790']);
        self::assertNull($this->line($id)->died_by, 'A word alone says nothing.');

        $kind = $this->kind('Lost at sea', ['sign of a death', 'told of the dead']);
        self::assertNotNull($this->line($id)->died_by);
        self::assertNotNull($this->line($id)->dead_from);
        $after = $this->line($id);

        $other = $this->person('Hew Tarrel');
        $this->told($other, ['typeWords' => 'lost at Sea', 'date' => '1790']);
        self::assertSame($after->died_by, $this->line($other)->died_by, 'Small letters and capitals are one word.');

        $this->api('PUT', "/event-kinds/{$kind}",
            ['version' => 1, 'ofPerson' => true, 'ofUnion' => false, 'single' => false, 'traits' => []])->assertOk();
        self::assertNull($this->line($id)->died_by);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertEquals($after, $this->line($id));
        $this->api('DELETE', "/event-kinds/{$kind}")->assertNoContent();
        self::assertNull($this->line($id)->died_by);
        self::assertSame(2, DB::table('events')->where('type_words', 'ilike', 'lost at sea')->count(), 'The facts stay.');
    }

    public function test_a_kind_that_is_a_birth_is_one_everywhere(): void
    {
        $this->kind('Foaled', ['birth']);
        $id = $this->person('Una Osk');
        $this->told($id, ['typeWords' => 'Foaled', 'date' => '3 May 1818']);

        self::assertSame('3 May 1818', $this->line($id)->birth_shown);
        self::assertNotSame([], $this->api('GET', "/people/{$id}")->json('lifeline.marks'));
    }

    public function test_a_kind_tells_itself_by_a_sentence_of_one_s_own_that_is_tried_before_it_is_saved(): void
    {
        $told = fn (string $sentence): array => $this->api('GET', '/event-kinds/told?'.http_build_query(['word' => 'Wrecked',
            'sentence' => $sentence]))->assertOk()->json();
        self::assertSame(['sentence' => 'He was wrecked aboard the Grey off Hask, Marren Isles, on 14 June 1791.', 'problem' => ''],
            $told('{he} was wrecked[ aboard {value}][ off {place}][ {when}]'));
        self::assertStringContainsString('is not closed', $told('{he} was wrecked[ {when}')['problem']);
        $kind = ['word' => 'Wrecked', 'ofPerson' => true, 'sentence' => '{he} was wrecked[ {when}'];
        $this->api('POST', '/event-kinds', $kind)->assertUnprocessable();

        $id = $this->api('POST', '/event-kinds', ['sentence' => '{he} was wrecked[ off {place}][ {when}]'] + $kind)->assertOk()->json('id');
        $una = $this->person('Una Osk w b 1790');
        $this->told($una, ['typeWords' => 'Wrecked', 'date' => '1815', 'place' => 'Tolsay']);
        $life = fn (): string => strip_tags($this->api('GET', "/reports/person/{$una}")->json('html'));
        self::assertStringContainsString('Una was wrecked off Tolsay in 1815.', $life());

        $change = ['version' => 1, 'ofPerson' => true, 'ofUnion' => false, 'single' => false, 'traits' => []];
        $this->api('PUT', "/event-kinds/{$id}", $change)->assertOk();
        self::assertStringContainsString('Una was wrecked off Tolsay', $life(), 'What is not said of the sentence leaves it.');
        $this->api('PUT', "/event-kinds/{$id}", ['version' => 1, 'sentence' => ''] + $change)->assertOk();
        self::assertStringContainsString('There is a record of her wrecked', $life());
    }

    public function test_two_of_a_single_kind_are_rivals_and_those_of_another_kind_are_not(): void
    {
        $this->kind('Lost at sea', [], true);
        $this->kind('Pressed', []);
        $id = $this->person('Ewan Tarrel');
        $facts = [$this->told($id, ['typeWords' => 'Lost at sea', 'date' => '1790']),
            $this->told($id, ['typeWords' => 'Lost at sea', 'date' => '1795', 'again' => true]),
            $this->told($id, ['typeWords' => 'Pressed', 'date' => '1785'])];
        $shown = $this->api('GET', "/people/{$id}")->collect('facts')->keyBy('id');
        self::assertSame([1, 1, 0], array_map(static fn (string $fact): int => $shown[$fact]['rivals'], $facts));
        // The same day under another word is another thing.
        $this->told($id, ['typeWords' => 'Wrecked', 'date' => '1785']);
        $this->meansIt = false;
        $this->api('POST', "/people/{$id}/facts", ['kind' => 'event', 'typeWords' => 'Pressed', 'date' => '1785'])->assertConflict()
            ->assertSee('Pressed is there already');
    }

    public function test_what_is_no_trait_and_what_somebody_changed_meanwhile_is_refused(): void
    {
        $this->api('POST', '/event-kinds', ['word' => 'Tolled', 'traits' => ['perhaps']])->assertUnprocessable();
        $kind = $this->kind('Tolled', ['residence']);
        $said = ['ofPerson' => true, 'ofUnion' => false, 'single' => true, 'traits' => []];
        $this->api('PUT', "/event-kinds/{$kind}", ['version' => 1] + $said)->assertOk();
        $this->api('PUT', "/event-kinds/{$kind}", ['version' => 1] + $said)->assertConflict();
        $this->api('PUT', "/event-kinds/{$kind}", ['version' => 2, 'traits' => ['x']] + $said)->assertUnprocessable();
        $offered = $this->api('GET', '/event-kinds');
        self::assertSame('is a birth', $offered->json('traits.birth'));
        self::assertTrue($offered->collect('kinds')->firstWhere('ownId', $kind)['single']);
    }

    /** @param  list<string>  $traits */
    private function kind(string $word, array $traits, bool $single = false): string
    {
        return (string) $this->api('POST', '/event-kinds', ['word' => $word, 'traits' => $traits, 'single' => $single])->assertOk()
            ->json('id');
    }

    /** @param  array<string, string|bool>  $values */
    private function told(string $personId, array $values): string
    {
        return (string) $this->api('POST', "/people/{$personId}/facts", ['kind' => 'event'] + $values)->assertOk()->json('id');
    }

    private function line(string $id): \stdClass
    {
        return DB::table('person_lines')->where('tree_id', $this->tree->id)->where('person_id', $id)->sole();
    }
}
