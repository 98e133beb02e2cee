<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\LoadDemo;
use App\Models\Run;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** What a newcomer meets first: undo with its words, a partner named later, a demo of one's own, the list of trees. */
final class StepsTest extends TestCase
{
    public function test_the_next_steps_say_what_undo_and_redo_would_do(): void
    {
        $next = fn (): array => $this->api('GET', '/journal/next')->assertOk()->json();
        self::assertSame(['undo' => '', 'redo' => ''], $next());
        $this->person('Ewan Tarrel h');
        $this->person('Una Osk w');
        self::assertSame(['undo' => 'Entered Una Osk', 'redo' => ''], $next());
        $this->api('POST', '/journal/undo', ['steps' => 1])->assertOk()->assertJsonPath('said', 'Undid: Entered Una Osk');
        self::assertSame(['undo' => 'Entered Ewan Tarrel', 'redo' => 'Entered Una Osk'], $next());
        $this->api('POST', '/journal/redo', ['steps' => 1])->assertOk()->assertJsonPath('said', 'Redid: Entered Una Osk');
        self::assertSame(['undo' => 'Entered Una Osk', 'redo' => ''], $next());
        // What somebody else did is theirs to undo.
        $bran = $this->account('bran@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $bran->id, 'role' => 'editor']);
        $this->actingAs($bran);
        self::assertSame(['undo' => '', 'redo' => ''], $next());
    }

    public function test_a_partner_who_was_not_known_is_named_in_the_same_couple_and_its_children_are_theirs_too(): void
    {
        $wat = $this->person('Wat Drum h b 1840 m 1866');
        $union = (string) DB::table('unions')->where('tree_id', $this->tree->id)->value('id');
        $kit = $this->api('POST', "/people/{$wat}/relatives", ['relation' => 'child', 'line' => 'Kit Drum x b 1867', 'unionId' => $union])
            ->assertOk()->json('id');
        $moll = $this->api('POST', "/people/{$wat}/relatives",
            ['relation' => 'partner', 'line' => 'Moll Stair w b 1845', 'unionId' => $union])->assertOk()->json('id');

        self::assertSame(1, DB::table('unions')->where('tree_id', $this->tree->id)->count());
        self::assertSame([$union], array_column($this->api('GET', "/people/{$moll}")->json('unions'), 'id'));
        self::assertSame([[$wat, $moll]],
            array_map(static fn (array $set): array => array_column($set['parents'], 'id'), $this->api('GET', "/people/{$kit}")
                ->json('parentSets')));
        $this->api('POST', "/people/{$wat}/relatives", ['relation' => 'partner', 'line' => 'Nan Vane w', 'unionId' => $union])
            ->assertStatus(422)
            ->assertJsonPath('message', 'That couple has two partners already.');
        $this->api('POST', '/people/'.$this->person('Bran Osk h').'/relatives',
            ['relation' => 'partner', 'line' => 'Nan Vane w', 'unionId' => $union])->assertStatus(422)
            ->assertJsonPath('message', 'That is not a couple of theirs.');
        self::assertSame([], $this->api('GET', "/people/{$wat}")->json('unions.0.childKinds'));
    }

    public function test_an_adopted_child_is_marked_so_on_the_page_of_the_parents(): void
    {
        $wat = $this->person('Wat Drum h b 1840');
        $kit = $this->api('POST', "/people/{$wat}/relatives", ['relation' => 'child', 'line' => 'Kit Drum x b 1867', 'kind' => 'adoptive'])
            ->assertOk()->json('id');

        self::assertSame([$kit => 'adopted'], $this->api('GET', "/people/{$wat}")->json('unions.0.childKinds'));
    }

    public function test_moving_a_child_says_which_record_names_the_parents_it_leaves_and_a_birth_before_the_wedding(): void
    {
        $wat = $this->person('Wat Drum h b 1840');
        $kit = $this->relative($wat, 'child', 'Kit Drum x b 1867');
        $nan = $this->api('POST', "/people/{$wat}/relatives", ['relation' => 'partner', 'line' => 'Nan Vane w b 1850 m 1872'])->assertOk()
            ->json('unionId');
        $source = $this->source('Register of St Osmund');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'baptism'])->assertOk()->json('id');
        [$child, $father] = [(string) Str::uuid7(), (string) Str::uuid7()];
        $this->api('PUT', "/records/{$record}", ['version' => 1, 'date' => '3 May 1867', 'lines' => [
            ['id' => $child, 'name' => 'Kit Drum', 'role' => 'child', 'columns' => []],
            ['id' => $father, 'name' => 'Wat Drum', 'role' => 'father', 'columns' => []],
        ]])->assertOk();
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => $this->api('GET', "/records/{$record}")->json('version'), 'why' => 'Name and year agree.', 'choices' => [
                ['lineId' => $child, 'as' => 'placed', 'personId' => $kit], ['lineId' => $father, 'as' => 'placed', 'personId' => $wat],
            ]])->assertOk();
        $set = $this->api('GET', "/people/{$kit}")->json('parentSets.0.id');

        $says = $this->api('GET', "/parent-sets/{$set}/move?to={$nan}")->assertOk()->json('says');
        self::assertContains('The record of the baptism, 3 May 1867, names Wat Drum.', $says);
        self::assertContains('The birth, 1867, was before that wedding, 1872.', $says);
        $this->api('POST', "/parent-sets/{$set}/move", ['to' => $nan])->assertNoContent();
        self::assertSame('Moved Kit Drum from Wat Drum to Wat Drum and Nan Vane', DB::table('change_sets')
            ->where('tree_id', $this->tree->id)->orderByDesc('seq')->value('summary'));
    }

    public function test_the_demo_is_opened_once_for_each_who_asks(): void
    {
        Queue::fake();
        $run = $this->postJson('/api/demo')->assertOk()->json();
        self::assertSame('waiting', $run['state']);
        Queue::assertPushed(LoadDemo::class, 1);
        self::assertSame($run['treeId'], $this->postJson('/api/demo')->assertOk()->json('treeId'));
        Queue::assertPushed(LoadDemo::class, 1);
        Run::query()->where('tree_id', $run['treeId'])->update(['state' => 'failed']);
        self::assertNotSame($run['treeId'], $this->postJson('/api/demo')->assertOk()->json('treeId'));
    }

    public function test_the_list_of_trees_says_role_and_last_change(): void
    {
        $line = fn (): array => array_values(array_filter($this->getJson('/api/trees')->json('trees'),
            fn (array $tree): bool => $tree['id'] === $this->tree->id))[0];
        self::assertSame(['owner', 0, ''], [$line()['role'], $line()['people'], $line()['changedAt']]);
        $this->person('Ewan Tarrel h');
        self::assertSame(1, $line()['people']);
        self::assertStringStartsWith(now()->format('Y-m-d'), $line()['changedAt']);
    }
}
