<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Person;
use App\Models\Place;
use Illuminate\Support\Facades\DB;

final class EnteringTest extends TestCase
{
    public function test_three_generations(): void
    {
        $child = $this->person('Ewan Tarrel h b 30 July 1847 Hask Light, Hask d 12 Aug 1923 Kirkhaven');
        $father = $this->relative($child, 'father', 'Magnus Tarrel b 3 May 1818');
        $mother = $this->relative($child, 'mother', 'Jean Penhask b 1824 Tolsay');
        $grandfather = $this->relative($father, 'father', 'Ewan Tarrel b 1790');
        $wife = $this->relative($child, 'partner', 'Moll Stair w b abt 1866 m 17 Oct 1888 Kirkhaven');
        $union = $this->api('GET', "/people/{$child}")->json('unions.0.id');
        $first = $this->relative($child, 'child', 'Jean Tarrel w b 1889', $union);

        $page = $this->api('GET', "/people/{$child}")->assertOk();
        self::assertSame('Ewan Tarrel', $page->json('name'));
        self::assertSame('1847–1923', $page->json('years'));
        self::assertSame([$father, $mother], array_column($page->json('parentSets.0.parents'), 'id'));
        self::assertSame($wife, $page->json('unions.0.partners.0.id'));
        self::assertSame([$first], array_column($page->json('unions.0.children'), 'id'));
        self::assertSame(['Birth', 'Marriage', 'Death'], array_column($page->json('facts'), 'word'));
        self::assertSame(['', '41', '76'], array_column($page->json('facts'), 'age'));
        self::assertSame('Moll Stair', $page->json('facts.1.with'));
        self::assertSame('M', Person::query()->findOrFail($father)->sex);
        self::assertSame('F', Person::query()->findOrFail($mother)->sex);
        self::assertSame([$grandfather], array_column($this->api('GET', "/people/{$father}")->json('parentSets.0.parents'), 'id'));
        self::assertSame('Tarrel', $page->collect('offers')->firstWhere('relation', 'child')['surname']);
    }

    public function test_the_father_and_mother_of_one_child_are_a_couple_and_parents_of_its_siblings(): void
    {
        $child = $this->person('Ewan Tarrel');
        $sibling = $this->relative($child, 'sibling', 'Marion Tarrel');
        $father = $this->relative($child, 'father', 'Magnus Tarrel');
        $mother = $this->relative($sibling, 'mother', 'Elspet Corran');

        $page = $this->api('GET', "/people/{$father}");
        self::assertSame($mother, $page->json('unions.0.partners.0.id'));
        self::assertEqualsCanonicalizing([$child, $sibling], array_column($page->json('unions.0.children'), 'id'));
    }

    public function test_a_third_parent_by_birth_is_refused_and_an_adoptive_one_begins_a_set(): void
    {
        $child = $this->person('Moll Stair');
        $this->relative($child, 'father', 'Hew Quillan');
        $this->relative($child, 'mother', 'Nan Ibsley');
        $this->api('POST', "/people/{$child}/relatives", ['relation' => 'father', 'line' => 'Adam Ibsley'])->assertStatus(422);
        $this->api('POST', "/people/{$child}/relatives", ['relation' => 'father', 'line' => 'Adam Ibsley', 'kind' => 'adoptive'])
            ->assertOk();

        self::assertSame(['birth', 'adoptive'], array_column($this->api('GET', "/people/{$child}")->json('parentSets'), 'kind'));
        self::assertSame(4, Person::query()->count(), 'the refused one was not kept');
    }

    public function test_nobody_becomes_their_own_ancestor(): void
    {
        $child = $this->person('Ewan Tarrel');
        $father = $this->relative($child, 'father', 'Magnus Tarrel');
        $this->api('POST', "/people/{$father}/relatives", ['relation' => 'father', 'personId' => $child])->assertStatus(409)
            ->assertJsonPath('message', 'That would make somebody their own ancestor. Nothing was changed.');
        $this->api('POST', "/people/{$child}/relatives", ['relation' => 'child', 'personId' => $child])->assertStatus(409);
    }

    public function test_a_child_of_someone_wed_twice_needs_its_union_named(): void
    {
        $gavin = $this->person('Gavin Maddern h');
        $this->relative($gavin, 'partner', 'Effie Ibsley w');
        $this->relative($gavin, 'partner', 'Nan Ibsley w');
        $this->api('POST', "/people/{$gavin}/relatives", ['relation' => 'child', 'line' => 'Nan Maddern'])->assertStatus(422);
        $union = $this->api('GET', "/people/{$gavin}")->json('unions.1.id');
        $this->relative($gavin, 'child', 'Nan Maddern', $union);

        self::assertCount(1, $this->api('GET', "/people/{$gavin}")->json('unions.1.children'));
    }

    public function test_unlinking_leaves_both_in_the_tree(): void
    {
        $child = $this->person('Ewan Tarrel');
        $father = $this->relative($child, 'father', 'Magnus Tarrel');
        $wife = $this->relative($father, 'partner', 'Jean Penhask m 1845');
        $set = $this->api('GET', "/people/{$child}")->json('parentSets.0.id');
        $this->api('DELETE', "/parent-sets/{$set}")->assertNoContent();
        $tie = $this->api('GET', "/people/{$wife}")->collect('unions')->firstWhere('partners.0.id', $father)['tieId'];
        $this->api('DELETE', "/union-partners/{$tie}")->assertNoContent();

        self::assertSame([], $this->api('GET', "/people/{$child}")->json('parentSets'));
        self::assertSame([], $this->api('GET', "/people/{$wife}")->json('unions'));
        self::assertSame(3, Person::query()->count());
        self::assertSame(1, Event::query()->where('kind', 'marriage')->count(), 'the marriage of Magnus is still told');
    }

    public function test_a_fact_is_kept_as_typed_and_shown_as_understood(): void
    {
        $ludo = $this->person('Ludo Maddern b 3/4/1878 Slatequay, Great Marren');
        $fact = $this->api('GET', "/people/{$ludo}")->json('facts.0');

        self::assertTrue($fact['date']['ambiguous']);
        self::assertSame('3/4/1878', $fact['date']['typed']);
        self::assertSame(['1878-03-04', '1878-04-03'], [$fact['date']['earliest'], $fact['date']['latest']]);
        self::assertSame(0, Place::query()->count(), 'no place is made of words');
    }

    public function test_two_who_change_one_fact_both_keep_their_work(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851');
        $birth = $this->fact($ewan, 'birth');
        $this->api('PATCH', "/facts/{$birth->id}", ['date' => '14 June 1851', 'version' => 1])->assertOk();
        $answer = $this->api('PATCH', "/facts/{$birth->id}", ['date' => '1852', 'place' => 'Hask', 'version' => 1])->assertStatus(409);

        self::assertSame(
            [['field' => 'When', 'yours' => '1852', 'theirs' => '14 June 1851'], ['field' => 'Where', 'yours' => 'Hask', 'theirs' => '']],
            $answer->json('details.sides'));
        self::assertSame('14 June 1851', $this->fact($ewan, 'birth')->date->typed);
        $this->api('PATCH', "/facts/{$birth->id}", ['date' => '1852', 'version' => $answer->json('details.version')])->assertOk();
        self::assertSame('1852', $this->fact($ewan, 'birth')->date->shown);
    }

    public function test_a_gap_can_be_emptied_and_what_is_left_out_stays(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $birth = $this->fact($ewan, 'birth');
        $this->api('PATCH', "/facts/{$birth->id}", ['date' => '', 'version' => 1])->assertOk();

        $birth = $this->fact($ewan, 'birth');
        self::assertSame(['', 'Hask'], [$birth->date->typed, $birth->place_typed]);
    }

    public function test_names_are_added_changed_and_the_last_one_stays(): void
    {
        $person = $this->person('Evan Tarrell');
        $name = $this->api('POST', "/people/{$person}/names", ['typed' => 'Ewan /Tarrel/'])->json('id');
        $this->api('PATCH', "/names/{$name}", ['typed' => 'Ewan Tarrel Jr', 'version' => 1])->assertOk();
        self::assertSame(['Evan Tarrell', 'Ewan Tarrel Jr'], array_column($this->api('GET', "/people/{$person}")->json('names'), 'shown'));
        $this->api('DELETE', "/names/{$name}")->assertNoContent();
        $last = $this->api('GET', "/people/{$person}")->json('names.0.id');
        $this->api('DELETE', "/names/{$last}")->assertStatus(422);
    }

    public function test_what_cannot_be_is_refused_in_words(): void
    {
        $person = $this->person('Ewan Tarrel');
        $this->api('POST', '/people', ['line' => ''])->assertStatus(422);
        $this->api('POST', '/people', ['line' => '?'])->assertStatus(422)
            ->assertJsonPath('message', 'Type a name first. A name that is not known is “?”.');
        $this->api('POST', "/people/{$person}/facts", ['kind' => 'abduction'])->assertStatus(422)
            ->assertJsonPath('message', 'There is no kind of event called “abduction”.');
        $this->api('POST', "/people/{$person}/facts", ['kind' => 'marriage'])->assertStatus(422);
        $this->api('GET', '/people/0197a000-0000-7000-8000-000000000000')->assertNotFound();
        $this->api('GET', '/people/12')->assertNotFound();
    }

    public function test_a_person_with_forty_facts_costs_no_more_queries_than_one_with_two(): void
    {
        $count = function (string $person): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->api('GET', "/people/{$person}")->assertOk();

            return count(DB::getQueryLog());
        };
        $few = $this->person('Ewan Tarrel b 1851 d 1920');
        $many = $this->person('Magnus Tarrel b 1818');
        for ($year = 1830; $year < 1870; $year++) {
            $this->api('POST', "/people/{$many}/facts", ['kind' => 'residence', 'date' => (string) $year, 'place' => 'Hask']);
        }

        self::assertSame($count($few), $count($many));
    }
}
