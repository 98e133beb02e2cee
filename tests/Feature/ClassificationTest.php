<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Question;
use Illuminate\Support\Facades\DB;

/** Every claim is graded where it stands, whether anything disagrees with it or not. */
final class ClassificationTest extends TestCase
{
    public function test_a_plain_citation_has_its_classes_and_its_weight_with_the_working(): void
    {
        [$ewan, $claim] = $this->cited();
        self::assertSame(0, Question::query()->count(), 'nothing disagrees');
        $page = $this->api('GET', "/claims/{$claim}")->assertOk();
        self::assertSame([$claim, '1851', 'unstated', 'sure', 'slight', ''],
            array_map(static fn (string $key): mixed => $page->json("row.{$key}"),
                ['claimId', 'told', 'information', 'reading', 'weight', 'saidWeight']));
        self::assertSame('Who told it, and how they knew, is not known.', $page->json('row.working.0'));
        self::assertCount(1, $page->json('rows'), 'it stands alone');

        $this->api('PATCH', "/claims/{$claim}",
            ['version' => 1, 'information' => 'primary', 'sourceClass' => 'original', 'informant' => 'Jean Osk',
                'informantTie' => 'his mother'])->assertOk();
        $row = $this->api('GET', "/claims/{$claim}")->json('row');
        self::assertSame(['primary', 'original', 'Jean Osk', 'his mother', 'fair'],
            [$row['information'], $row['sourceClass'], $row['said']['informant'], $row['said']['informantTie'], $row['weight']]);
        self::assertSame('fair', $this->weightOnThePage($ewan)['weight']);
    }

    public function test_an_overruled_weight_shows_wherever_the_claim_stands_and_by_the_rule_again_after_undo(): void
    {
        [$ewan, $claim, $source, $record] = $this->cited();
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'weight' => 'strong', 'why' => ''])->assertStatus(422);
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'weight' => 'strong', 'why' => 'The clerk was his uncle.'])->assertOk();
        $this->assertStands('strong', true, $ewan, $source, $record);
        $row = $this->api('GET', "/claims/{$claim}")->json('row');
        self::assertSame(['strong', 'The clerk was his uncle.'], [$row['saidWeight'], $row['saidWhy']]);
        self::assertSame(['Said to be strong: The clerk was his uncle.', 'By the rule it is slight.'], array_slice($row['working'], 0, 2));
        self::assertSame(1, count(array_filter($row['working'], static fn (string $line): bool => str_starts_with($line, 'By the rule'))),
            'the rule is named once');

        $this->api('POST', '/journal/undo')->assertOk();
        $this->assertStands('slight', false, $ewan, $source, $record);
        $this->api('POST', '/journal/redo')->assertOk();
        $this->api('PATCH', "/claims/{$claim}", ['version' => $this->version($claim), 'weight' => 'rule', 'why' => ''])->assertOk();
        $this->assertStands('slight', false, $ewan, $source, $record);
    }

    public function test_looking_at_it_saves_nothing_and_a_second_editor_is_not_overwritten(): void
    {
        [, $claim] = $this->cited();
        $seq = $this->tree->refresh()->last_change;
        $this->api('GET', "/claims/{$claim}")->assertOk();
        self::assertSame([$seq, 1], [$this->tree->refresh()->last_change, $this->version($claim)]);

        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'primary'])->assertOk();
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'secondary'])->assertStatus(409);
        self::assertSame('primary', Claim::query()->findOrFail($claim)->information);
    }

    public function test_the_claims_of_a_name_a_person_and_a_line_are_graded_like_those_of_a_fact(): void
    {
        $source = $this->source('Census of Marren, 1881');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1881', 'locator' => 'sheet 3'])->assertOk()
            ->json('id');
        $lines = [['id' => $head = (string) \Illuminate\Support\Str::uuid7(), 'name' => 'Ewan Tarrel',
            'columns' => ['relation' => 'Head', 'sex' => 'M', 'age' => '40']],
            ['id' => $wife = (string) \Illuminate\Support\Str::uuid7(), 'name' => 'Isbel Tarrel',
                'columns' => ['relation' => 'Wife', 'sex' => 'F', 'age' => '38']]];
        $this->api('PUT', "/records/{$record}", ['version' => 1, 'date' => '3 April 1881', 'place' => 'Hask', 'lines' => $lines])
            ->assertOk();
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => DB::table('records')->where('id', $record)->value('version'),
                'choices' => [['lineId' => $head, 'as' => 'new'], ['lineId' => $wife, 'as' => 'new']]])->assertOk();
        $claims = Claim::query()->get();
        self::assertGreaterThan(5, $claims->count());
        self::assertGreaterThan(0, $claims->whereNotNull('name_id')->count());
        self::assertGreaterThan(0, $claims->whereNotNull('person_id')->count());
        foreach ($claims as $claim) {
            $this->api('GET', "/claims/{$claim->id}")->assertOk()->assertJsonPath('row.claimId', $claim->id);
            $this->api('PATCH', "/claims/{$claim->id}",
                ['version' => $claim->version, 'information' => 'secondary', 'weight' => 'fair', 'why' => 'The head knew.'])->assertOk();
            $this->api('GET', "/claims/{$claim->id}")->assertJsonPath('row.information', 'secondary')->assertJsonPath('row.weight', 'fair');
        }
        self::assertContains('Name', array_column($this->api('GET', "/records/{$record}/claims")->json('facts'), 'fact'));
    }

    public function test_one_can_have_been_copied_from_another_of_the_same_and_from_no_circle(): void
    {
        [$ewan, $claim] = $this->cited();
        $copy = $this->api('POST', "/facts/{$this->fact($ewan, 'birth')->id}/citations", ['sourceId' => $this->source('A transcript')])
            ->json('id');
        $other = $this->api('POST', "/facts/{$this->fact($ewan, 'death')->id}/citations", ['sourceId' => $this->source('Burials')])
            ->json('id');
        self::assertEqualsCanonicalizing([$claim, $copy], array_column($this->api('GET', "/claims/{$copy}")->json('rows'), 'claimId'));
        self::assertSame([$other], array_column($this->api('GET', "/claims/{$other}")->json('rows'), 'claimId'));
        $this->api('PATCH', "/claims/{$copy}", ['version' => 1, 'derivedFromId' => $claim])->assertOk();
        self::assertSame('derived', $this->api('GET', "/claims/{$copy}")->json('row.weight'));
        $this->api('PATCH', "/claims/{$claim}", ['version' => 1, 'derivedFromId' => $copy])->assertStatus(409);
    }

    public function test_who_may_not_see_the_living_sees_no_informants(): void
    {
        [, $claim] = $this->cited();
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $this->api('GET', "/claims/{$claim}")->assertForbidden();
    }

    /** @return array{string, string, string, string} person, claim of the birth, source, record */
    private function cited(): array
    {
        $ewan = $this->person('Ewan Tarrel h b 1851 Hask d 1899');
        $claim = $this->api('POST', "/facts/{$this->fact($ewan, 'birth')->id}/citations",
            ['sourceId' => $source = $this->source('Tarrel notebook'), 'locator' => 'page 2'])->assertOk()->json('id');

        return [$ewan, $claim, $source, Claim::query()->where('id', $claim)->firstOrFail()->record_id];
    }

    /** @return array<string, mixed> the citation of the birth as the person's page has it */
    private function weightOnThePage(string $person): array
    {
        $facts = array_values(
            array_filter($this->api('GET', "/people/{$person}")->json('facts'),
                static fn (array $fact): bool => $fact['kind'] === 'birth'));

        return $facts[0]['citations'][0];
    }

    private function assertStands(string $weight, bool $isOverruled, string $person, string $source, string $record): void
    {
        foreach ([$this->weightOnThePage($person), $this->api('GET', "/sources/{$source}")->json('records.0.facts.0'),
            $this->api('GET', "/records/{$record}/claims")->json('facts.0')] as $row) {
            self::assertSame([$weight, $isOverruled], [$row['weight'], $row['overruled']]);
        }
    }

    private function version(string $claim): int
    {
        return Claim::query()->findOrFail($claim)->version;
    }
}
