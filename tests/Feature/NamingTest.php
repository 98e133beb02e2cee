<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;

/** Surnames that are offered, names as a reader wants them, and names that stand for one another. */
final class NamingTest extends TestCase
{
    public function test_a_reader_sees_names_and_dates_as_they_want_them_and_nothing_is_stored_so(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 30 July 1847 Hask');
        $moll = $this->relative($ewan, 'partner', 'Moll Stair w m 17 Oct 1888 Kirkhaven');
        $before = $this->exported();
        $this->putJson('/api/account/reading', ['order' => 'surname', 'capitals' => 'yes', 'married' => 'both', 'dates' => 'iso'])
            ->assertNoContent();

        $page = $this->api('GET', "/people/{$moll}");
        self::assertSame('TARREL Moll, born STAIR', $page->json('name'));
        self::assertSame('1888-10-17', $page->json('facts.0.date.shown'));
        self::assertSame('TARREL Ewan', $page->json('unions.0.partners.0.name'));
        $rows = array_column($this->api('GET', '/people')->json('rows'), null, 'id');
        self::assertSame(['TARREL, Moll, born STAIR', 'TARREL, Ewan', '1847-07-30'],
            [$rows[$moll]['filed'], $rows[$ewan]['filed'], $rows[$ewan]['born']]);
        self::assertSame('TARREL Moll, born STAIR', $this->api('GET', '/jump?q=moll')->json('people.0.name'));
        self::assertSame('TARREL Ewan', $this->api('GET', "/people/{$ewan}/card")->json('name'));
        self::assertSame($before, $this->exported());

        $this->api('PATCH', '', ['marriedCustom' => 'keeps'])->assertOk();
        self::assertSame('STAIR Moll', $this->api('GET', "/people/{$moll}")->json('name'));
        $this->actingAs($this->user->fresh() ?? $this->user);
        $this->putJson('/api/account/reading', ['order' => 'sideways', 'capitals' => 'yes', 'married' => 'both', 'dates' => 'iso'])
            ->assertStatus(422);
    }

    public function test_surnames_are_offered_by_the_custom_of_the_family_before_that_of_the_tree(): void
    {
        $lars = $this->person('Lars Olsson h');
        $this->relative($lars, 'partner', 'Brita Penhask w');
        $union = $this->api('GET', "/people/{$lars}")->json('unions.0.id');
        self::assertSame(['Olsson', 'Olsson'], $this->offers($lars, $union));

        $this->api('PATCH', '', ['surnameCustom' => 'mother'])->assertOk();
        self::assertSame(['Penhask', 'Penhask'], $this->offers($lars, $union));
        $this->api('PATCH', "/unions/{$union}", ['surnameCustom' => 'patronymic nordic', 'version' => 1])->assertOk();
        self::assertSame(['Larsson', 'Larsdotter'], $this->offers($lars, $union));
        $this->api('PATCH', '', ['surnameCustom' => 'of the moon'])->assertStatus(422);
        $this->api('PATCH', "/unions/{$union}", ['surnameCustom' => 'of the moon', 'version' => 2])->assertStatus(422);
        $this->api('PATCH', "/unions/{$union}", ['kind' => 'handfast', 'version' => 1])->assertStatus(409);
    }

    public function test_the_state_of_each_at_the_wedding_is_worked_out(): void
    {
        $ewan = $this->person('Ewan Tarrel h');
        $this->relative($ewan, 'partner', 'Moll Stair w m 1850 Hask d 1860');
        $this->relative($ewan, 'partner', 'Jean Osk w m 3 May 1862 Hask');
        $unions = $this->api('GET', "/people/{$ewan}")->json('unions');
        $states = $this->api('GET', "/unions/{$unions[1]['id']}")->assertOk()->json('states');

        self::assertEqualsCanonicalizing([['name' => 'Ewan Tarrel', 'state' => 'widowed'], ['name' => 'Jean Osk', 'state' => 'never wed']],
            $states);
    }

    public function test_names_that_stand_for_one_another_here_find_each_other(): void
    {
        $this->person('Bregetta Osk w');
        self::assertSame([], $this->api('GET', '/jump?q=gettie+osk')->json('people'));
        $this->api('POST', '/name-variants', ['words' => 'Bregetta'])->assertStatus(422);
        $variants = $this->api('POST', '/name-variants', ['words' => 'Bregetta, Gettie'])->assertOk()->json('id');
        self::assertSame(['Bregetta Osk'], array_column($this->api('GET', '/jump?q=gettie+osk')->json('people'), 'name'));
        self::assertSame(['Bregetta Gettie'], array_column($this->api('GET', '/name-variants')->json('variants'), 'words'));
        $this->api('DELETE', "/name-variants/{$variants}")->assertNoContent();
        self::assertSame([], $this->api('GET', '/jump?q=gettie+osk')->json('people'));
    }

    public function test_variants_of_one_tree_are_not_those_of_another(): void
    {
        $this->api('POST', '/name-variants', ['words' => 'Bregetta, Gettie'])->assertOk();
        $this->tree = Tree::begin('Other', $this->user);
        $this->enter($this->tree);
        $this->person('Bregetta Osk w');
        self::assertSame([], $this->api('GET', '/jump?q=gettie+osk')->json('people'));
    }

    public function test_a_name_in_another_script_is_found_in_either(): void
    {
        $this->person('Магнус Таррел');
        self::assertSame(['Магнус Таррел'], array_column($this->api('GET', '/jump?q='.urlencode('таррел'))->json('people'), 'name'));
        self::assertSame(['Магнус Таррел'], array_column($this->api('GET', '/jump?q=tarrel')->json('people'), 'name'));
    }

    /** @return array{string, string} of a son and a daughter */
    private function offers(string $person, string $union): array
    {
        $offers = array_filter($this->api('GET', "/people/{$person}")->json('offers'),
            static fn (array $offer): bool => $offer['unionId'] === $union);
        $offers = array_column($offers, 'surname', 'relation');

        return [$offers['son'], $offers['daughter']];
    }
}
