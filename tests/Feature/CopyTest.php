<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Run;
use App\Models\Tree;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\CopyTree;
use App\Trees\Exchange\Progress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** A tree once more, and whom each member wants at its centre. */
final class CopyTest extends TestCase
{
    use UploadsFiles;

    public function test_a_copy_shows_its_pictures(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847');
        $this->api('POST', '/pictures', ['uploadId' => $this->upload(self::picture(40, 30), 'face.png'), 'personId' => $ewan])->assertOk();
        $copy = $this->api('POST', '/copies', ['name' => 'A copy', 'isPractice' => false])->assertOk();
        $this->tree = \App\Models\Tree::query()->where('name', 'A copy')->firstOrFail();
        $this->enter($this->tree);
        $picture = $this->api('GET', '/people/'.$ewan.'/pictures')->assertOk()->json('pictures.0');
        self::assertSame(['face.png', 'ready'], [$picture['title'], $picture['state']]);
        self::assertNotNull($copy->json());
    }

    public function test_a_copy_says_the_same_and_the_two_know_nothing_of_each_other(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 Hask d 1923');
        $this->relative($ewan, 'partner', 'Moll Stair w m 1888 Kirkhaven');
        $source = $this->source('Register of St Osmund');
        $this->api('POST', '/facts/'.$this->fact($ewan, 'birth')->id.'/citations', ['sourceId' => $source, 'words' => 'Ewan'])->assertOk();
        $this->api('POST', '/places', ['name' => 'Hask'])->assertOk();
        $this->api('PATCH', '', ['centrePersonId' => $ewan, 'surnameCustom' => 'mother'])->assertOk();
        $before = $this->exported();

        $answer = $this->api('POST', '/copies', ['name' => 'Marren, as it was'])->assertOk();
        self::assertSame('done', DB::table('runs')->where('id', $answer->json('id'))->value('state'));
        $copy = Tree::query()->where('name', 'Marren, as it was')->firstOrFail();
        self::assertSame(self::rows($this->tree->id), self::rows($copy->id));
        self::assertSame([$ewan, 'mother', 2], [$copy->centre_person_id, $copy->surname_custom, $copy->people_count]);

        $here = $this->tree;
        $this->tree = $copy;
        self::assertSame(str_replace('Marren', 'Marren, as it was', $before),
            str_replace('Marren, as it was, as it was', 'Marren, as it was', $this->exported()));
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1848', 'version' => 1])->assertOk();
        $this->person('Somebody New');
        $this->tree = $here;
        self::assertSame($before, $this->exported());
        self::assertNull($here->refresh()->busy_with);
    }

    public function test_a_copy_that_is_stopped_leaves_nothing(): void
    {
        $this->person('Ewan Tarrel b 1847');
        $into = Tree::begin('Half', $this->user);
        try {
            app(CopyTree::class)->run($this->tree, $into, $this->user, new class implements Progress
            {
                private int $told = 0;

                public function report(int $percent, string $what): void
                {
                    if ($this->told++ > 5) {
                        throw new Cancelled('It was cancelled.');
                    }
                }
            });
            self::fail('It went on.');
        } catch (Cancelled) {
        }
        self::assertSame([], self::rows($into->id));
        self::assertNull($this->tree->refresh()->busy_with);
        self::assertSame(1, app(CurrentTree::class)->within($this->tree, static fn (): int => Person::query()->count()));
    }

    public function test_a_copy_whose_worker_is_gone_is_given_up_with_the_tree_made_for_it(): void
    {
        $into = Tree::begin('Never came', $this->user);
        $run = Run::query()
            ->create(['tree_id' => $this->tree->id, 'user_id' => $this->user->id, 'kind' => 'copy', 'state' => 'running',
                'title' => 'A copy',
                'asked' => ['into' => $into->id], 'done' => 10, 'total' => 100, 'said' => '', 'heartbeat_at' => now()->subMinutes(10)]);
        $this->api('GET', '/exchange')->assertOk();
        self::assertSame('failed', $run->refresh()->state);
        self::assertStringContainsString('Copy the tree again', $run->said);
        self::assertSame(0, Tree::withTrashed()->whereKey($into->id)->count());
        self::assertSame(1, Tree::query()->whereKey($this->tree->id)->count());
    }

    public function test_a_copy_waits_while_something_else_is_done_with_the_tree(): void
    {
        Run::query()->create(
            ['tree_id' => $this->tree->id, 'kind' => 'import', 'state' => 'running', 'title' => 'a.ged', 'asked' => [], 'done' => 0,
                'total' => 100, 'said' => '', 'heartbeat_at' => now()]);
        $this->api('POST', '/copies', ['name' => 'Too soon'])->assertStatus(409);
        self::assertSame(0, Tree::query()->where('name', 'Too soon')->count());
    }

    public function test_each_member_can_have_somebody_else_at_the_centre(): void
    {
        $ewan = $this->person('Ewan Tarrel h');
        $child = $this->relative($ewan, 'child', 'Jean Tarrel w');
        $this->api('PATCH', '', ['centrePersonId' => $ewan])->assertOk();
        self::assertSame('daughter of Ewan Tarrel', $this->api('GET', "/people/{$child}")->json('toCentre'));

        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->api('PATCH', '', ['readersSeeLiving' => true])->assertOk();
        $this->actingAs($reader);
        $this->api('PUT', '/centre', ['personId' => $child])->assertNoContent();
        self::assertSame('father of Jean Tarrel', $this->api('GET', "/people/{$ewan}")->json('toCentre'));
        $this->api('GET', '')->assertJsonPath('ownCentreName', 'Jean Tarrel')->assertJsonPath('centreName', 'Ewan Tarrel');
        $this->actingAs($this->user);
        self::assertSame('at the centre', $this->api('GET', "/people/{$ewan}")->json('toCentre'));
        $this->actingAs($reader);
        $this->api('PUT', '/centre', ['personId' => null])->assertNoContent();
        self::assertSame('at the centre', $this->api('GET', "/people/{$ewan}")->json('toCentre'));
    }

    /** @return array<string, list<array<string, mixed>>> every row of a tree, but for what is that tree's alone */
    private static function rows(string $treeId): array
    {
        $rows = [];
        foreach ([...AuthoredTables::names(), 'person_lines'] as $table) {
            $key = $table === 'person_lines' ? 'person_id' : 'id';
            $rows[$table] = array_values(DB::table($table)->where('tree_id', $treeId)->orderBy($key)->get()
                ->map(static fn (\stdClass $row): array => array_diff_key((array) $row, ['tree_id' => 1, 'made_by' => 1]))->all());
        }

        return array_filter($rows);
    }
}
