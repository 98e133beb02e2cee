<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Union;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Kin\Kinship;

/** Parents of every kind at once, moves in one step, order by hand. */
final class TiesTest extends TestCase
{
    public function test_several_sets_of_parents_at_once_and_one_that_leads(): void
    {
        $child = $this->person('Moses Averay');
        $this->relative($child, 'father', 'Ben Averay');
        $adoptive = $this->person('Old Averay h');
        $this->api('POST', "/people/{$child}/relatives", ['relation' => 'father', 'personId' => $adoptive, 'kind' => 'adoptive'])
            ->assertOk();
        $guardian = $this->person('Nan Osk w');
        $this->api('POST', "/people/{$child}/relatives", ['relation' => 'mother', 'personId' => $guardian, 'kind' => 'guardian'])
            ->assertOk();
        $sets = $this->api('GET', "/people/{$child}")->collect('parentSets');
        self::assertSame(['birth', 'adoptive', 'guardian'], $sets->pluck('kind')->all());

        $this->api('PATCH', "/parent-sets/{$sets[1]['id']}", ['leads' => true])->assertNoContent();
        self::assertSame('adoptive', $this->api('GET', "/people/{$child}")->json('parentSets.0.kind'));
        $this->api('PATCH', "/parent-sets/{$sets[1]['id']}", ['kind' => 'birth'])->assertStatus(409);
        $this->api('PATCH', "/parent-sets/{$sets[1]['id']}", ['standing' => 'ruled out', 'why' => 'Another Moses.'])->assertNoContent();
        self::assertSame('birth', $this->api('GET', "/people/{$child}")->json('parentSets.0.kind'), 'what is ruled out never leads');
        self::assertSame(1, ParentSet::query()->where('child_id', $child)->where('leads', true)->count());
    }

    public function test_a_child_is_moved_and_what_changes_is_told_first(): void
    {
        $magnus = $this->person('Magnus Tarrel h');
        $kit = $this->relative($magnus, 'child', 'Kit Tarrel b 1850');
        $bran = $this->person('Bran Drum h');
        $this->relative($bran, 'partner', 'Keziah Osk w m 1848');
        $to = $this->api('GET', "/people/{$bran}")->json('unions.0.id');
        $this->relative($bran, 'child', 'Ada Drum w', $to);
        $set = ParentSet::query()->where('child_id', $kit)->firstOrFail()->id;

        self::assertSame([
            'Kit Tarrel leaves Magnus Tarrel and becomes a child of Bran Drum and Keziah Osk, beside the one who is there.',
            'The one fact stays with Kit Tarrel.',
            'The couple that was only there for this tie goes with it.',
        ], $this->api('GET', "/parent-sets/{$set}/move?to={$to}")->assertOk()->json('says'));
        self::assertSame($set, ParentSet::query()->where('child_id', $kit)->firstOrFail()->id, 'nothing was changed by telling');

        $this->api('POST', "/parent-sets/{$set}/move", ['to' => $to, 'why' => 'The register names them.'])->assertNoContent();
        $page = $this->api('GET', "/people/{$kit}");
        self::assertSame(['Bran Drum', 'Keziah Osk'], array_column($page->json('parentSets.0.parents'), 'name'));
        self::assertSame(1, Union::query()->count());
        $this->api('GET', "/parent-sets/{$set}/move?to={$to}")->assertStatus(409);
    }

    public function test_a_partner_is_changed_for_another_with_the_children(): void
    {
        $magnus = $this->person('Magnus Tarrel h');
        $this->relative($magnus, 'partner', 'Ann Osk w m 1844');
        $union = $this->api('GET', "/people/{$magnus}")->json('unions.0');
        $kit = $this->relative($magnus, 'child', 'Kit Tarrel', $union['id']);
        $sander = $this->person('Sander Tarrel h');
        $says = $this->api('GET', "/union-partners/{$union['tieId']}/move?to={$sander}")->assertOk()->json('says');
        self::assertSame('Sander Tarrel becomes a parent of Kit Tarrel, and Magnus Tarrel is one no longer.', $says[1]);

        $this->api('POST', "/union-partners/{$union['tieId']}/move", ['to' => $sander])->assertNoContent();
        self::assertSame(0, Parentage::query()->where('person_id', $magnus)->count());
        self::assertSame('1844', $this->api('GET', "/people/{$sander}")->json('unions.0.year'));
        $this->api('POST', "/union-partners/{$union['tieId']}/move", ['to' => $kit])->assertStatus(409);
        self::assertSame(4, Person::query()->count());
    }

    public function test_children_stand_by_birth_until_a_hand_orders_them(): void
    {
        $magnus = $this->person('Magnus Tarrel h');
        $names = static fn ($page): array => array_column($page->json('unions.0.children'), 'name');
        foreach (['Cora Tarrel b 1835', 'Xan Tarrel', 'Ada Tarrel b 1830'] as $line) {
            $this->relative($magnus, 'child', $line, $this->api('GET', "/people/{$magnus}")->json('unions.0.id'));
        }
        self::assertSame(['Ada Tarrel', 'Xan Tarrel', 'Cora Tarrel'], $names($page = $this->api('GET', "/people/{$magnus}")));

        $union = $page->json('unions.0.id');
        $ids = array_column($page->json('unions.0.children'), 'id');
        $this->api('PUT', "/unions/{$union}/children", ['ids' => [$ids[1], $ids[2], $ids[0]]])->assertNoContent();
        self::assertSame(['Xan Tarrel', 'Cora Tarrel', 'Ada Tarrel'], $names($this->api('GET', "/people/{$magnus}")));
        $this->api('PUT', "/unions/{$union}/children", ['ids' => [$ids[1]]])->assertStatus(409);
    }

    public function test_notes_tasks_groups_roles_and_kinds_of_ones_own(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('POST', "/people/{$ewan}/notes", ['text' => 'Kept bees.'])->assertOk();
        $this->api('POST', "/facts/{$birth}/roles", ['role' => 'witness'])->assertStatus(422);
        $this->api('POST', "/facts/{$birth}/roles", ['role' => 'witness', 'words' => 'Jn Osk'])->assertOk();
        $task = $this->api('POST', "/people/{$ewan}/tasks", ['text' => 'Find the burial.'])->assertOk()->json('id');
        $this->api('POST', '/groups', ['name' => 'Keepers'])->assertOk();
        $this->api('POST', '/groups', ['name' => 'Keepers'])->assertStatus(409);
        $this->api('POST', '/event-kinds', ['word' => 'Kelp licence', 'hasValue' => true])->assertOk();
        $page = $this->api('GET', "/people/{$ewan}");

        self::assertSame(['Kept bees.'], array_column($page->json('notes'), 'text'));
        self::assertSame([['role' => 'witness', 'name' => 'Jn Osk']],
            array_map(static fn (array $r): array => ['role' => $r['role'], 'name' => $r['name']], $page->json('facts.0.roles')));
        self::assertSame(['Find the burial.'], array_column($page->json('tasks'), 'text'));
        $this->api('PATCH', "/tasks/{$task}", ['done' => true, 'version' => 1])->assertOk();
        self::assertTrue($this->api('GET', '/tasks')->json('tasks.0.done'));
        self::assertSame('Kelp licence', $this->api('GET', '/event-kinds')->collect('kinds')->firstWhere('ownId', '!=', null)['word']);
    }

    public function test_each_parent_of_a_set_can_be_something_else_to_the_child(): void
    {
        $moses = $this->person('Moses Kirk h b 1850');
        $this->relative($moses, 'father', 'Donal Quillan h');
        $mother = $this->relative($moses, 'mother', 'Lilias Maddern w');
        $set = $this->api('GET', "/people/{$moses}")->json('parentSets.0');
        $father = $set['parents'][0]['id'];
        $this->api('PATCH', "/parent-sets/{$set['id']}",
            ['kind' => 'other', 'kindWords' => 'milk father', 'years' => '1850 to 1853', 'personId' => $father])->assertNoContent();
        $this->api('PATCH', "/parent-sets/{$set['id']}", ['proof' => 'proved', 'personId' => $mother])->assertNoContent();
        $this->api('PATCH', "/parent-sets/{$set['id']}", ['kind' => 'adoptive', 'personId' => $moses])->assertStatus(422);

        $after = $this->api('GET', "/people/{$moses}")->json('parentSets.0');
        $ties = array_column($after['ties'], null, 'personId');
        self::assertSame(['other', 'milk father', '1850 to 1853', 'unstated'],
            [$ties[$father]['kind'], $ties[$father]['kindWords'], $ties[$father]['years'], $ties[$father]['proof']]);
        self::assertSame(['birth', 'proved'], [$ties[$mother]['kind'], $ties[$mother]['proof']]);
        self::assertSame('birth', $after['kind'], 'one of them is a parent by birth');
        $this->api('PATCH', "/parent-sets/{$set['id']}", ['kind' => 'foster', 'personId' => $mother])->assertNoContent();
        self::assertNotSame('birth', $this->api('GET', "/people/{$moses}")->json('parentSets.0.kind'));
    }

    public function test_a_marriage_typed_with_a_parent_is_that_of_the_parents(): void
    {
        $moses = $this->person('Moses Kirk h b 1850');
        $this->relative($moses, 'father', 'Donal Quillan h');
        $mother = $this->relative($moses, 'mother', 'Lilias Maddern w m 3 May 1849 Kirkhaven');
        $unions = $this->api('GET', "/people/{$mother}")->json('unions');

        self::assertCount(1, $unions);
        self::assertSame(['1849', ['Donal Quillan'], ['Moses Kirk']],
            [$unions[0]['year'], array_column($unions[0]['partners'], 'name'), array_column($unions[0]['children'], 'name')]);
    }

    public function test_a_couple_that_was_ruled_out_counts_nowhere_and_stays_with_why(): void
    {
        $magnus = $this->person('Magnus Tarrel h b 1818');
        $senara = $this->relative($magnus, 'partner', 'Senara Vane w b 1820 m 3 May 1840 Hask');
        $ada = $this->relative($magnus, 'child', 'Ada Tarrel w b 1845', $this->api('GET', "/people/{$magnus}")->json('unions.0.id'));
        $union = fn (string $of): array => $this->api('GET', "/people/{$of}")->json('unions.0');
        $kin = static fn (string $of): array => array_column(Kinship::between(app(DatabaseTree::class), $of, $senara), 'term');
        $tie = $union($magnus)['standingTieId'];
        self::assertNotSame($union($magnus)['tieId'], $tie, 'it is of the partner that it is said');

        $stand = fn (string $standing, string $why = '') => $this->api('POST', "/union-partners/{$tie}/standing",
            ['standing' => $standing, 'why' => $why]);
        $stand('rival')->assertNoContent();
        self::assertSame(['rival', ['Senara Vane']], [$union($magnus)['standing'], array_column($union($magnus)['partners'], 'name')]);
        self::assertSame(['said to be wife'], $kin($magnus));
        $stand('ruled out')->assertStatus(422);
        $stand('ruled out', 'She wed his cousin.')->assertNoContent();

        self::assertSame([[], ['Senara Vane'], false, ['Ada Tarrel']],
            [$union($magnus)['partners'], array_column($union($magnus)['ruledOut'], 'name'), $union($magnus)['isOut'],
                array_column($union($magnus)['children'], 'name')]);
        self::assertSame('She wed his cousin.', $this->api('GET', "/unions/{$union($magnus)['id']}")->json('ruledOutWhy'));
        self::assertSame([true, 'ruled out', []], [$union($senara)['isOut'], $union($senara)['standing'], $union($senara)['children']]);
        self::assertSame([],
            array_filter(array_column($this->api('GET', "/people/{$senara}")->json('facts'), 'kind'),
                static fn (string $kind): bool => $kind === 'marriage'));
        self::assertSame(['mother'], $kin($ada), 'that she was the mother is another question');
        self::assertSame([], $kin($magnus));
        self::assertStringNotContainsString('1 WIFE', $this->exported());
        self::assertSame([], $this->api('GET', '/unions?q=vane')->json('unions'));

        $this->api('POST', "/people/{$senara}/relatives", ['relation' => 'partner', 'personId' => $magnus])->assertStatus(409)
            ->assertJsonPath('message',
                'They were ruled out as a couple: She wed his cousin. It can be let stand again at its line of kin.');
        $this->api('POST', "/union-partners/{$union($magnus)['tieId']}/standing", ['standing' => 'ruled out', 'why' => 'Neither.'])
            ->assertStatus(409);
        $stand('accepted')->assertNoContent();
        self::assertSame(['accepted', ['Senara Vane']], [$union($magnus)['standing'], array_column($union($magnus)['partners'], 'name')]);
        self::assertSame(['wife'], $kin($magnus));
    }

    public function test_a_child_that_somebody_was_ruled_out_of_is_no_child_of_theirs(): void
    {
        $magnus = $this->person('Magnus Tarrel h b 1818');
        $senara = $this->relative($magnus, 'partner', 'Senara Vane w b 1820');
        $ada = $this->relative($magnus, 'child', 'Ada Tarrel w b 1845', $this->api('GET', "/people/{$magnus}")->json('unions.0.id'));
        $set = $this->api('GET', "/people/{$ada}")->json('parentSets.0.id');
        $this->api('PATCH', "/parent-sets/{$set}", ['standing' => 'ruled out', 'personId' => $senara, 'why' => 'Born before she came.'])
            ->assertNoContent();

        $page = fn (string $of) => $this->api('GET', "/people/{$of}");
        self::assertSame([['Ada Tarrel'], []],
            [array_column($page($magnus)->json('unions.0.children'), 'name'),
                array_column($page($senara)->json('unions.0.children'), 'name')]);
        self::assertSame([['unweighed', 'ruled out'], 1],
            [array_column($page($ada)->json('parentSets.0.ties'), 'standing'), count($page($magnus)->json('family'))]);
        self::assertSame([], $page($senara)->json('family'), 'nothing of hers happened to her mother');
        self::assertStringContainsString('Child of Magnus Tarrel', implode(' ', $this->api('GET', "/people/{$ada}/card")->json('lines')));
        self::assertStringNotContainsString('Senara', implode(' ', $this->api('GET', "/people/{$ada}/card")->json('lines')));
    }
}
