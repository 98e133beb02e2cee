<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Union;
use App\Models\UnionPartner;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Moving a child to other parents and a place in a union to somebody else: what is told first is what is done, and undone to the byte. */
final class MovesTest extends TestCase
{
    use EveryChange;

    /**
     * @return iterable<string, array{list<string>, list<string>, list<string>}> parents before; parents of the union moved
     *     to; what is told
     */
    public static function children(): iterable
    {
        $stays = 'All 2 facts stay with Kit Osk.';
        $goes = 'The couple that was only there for this tie goes with it.';
        yield 'from one to a couple' => [['Ann Osk w'], ['Bran Drum h', 'Eve Drum w'],
            ['Kit Osk leaves Ann Osk and becomes a child of Bran Drum and Eve Drum, beside the one who is there.', $stays, $goes]];
        yield 'from a couple to a couple' => [['Magnus Osk h', 'Ann Osk w'], ['Bran Drum h', 'Eve Drum w'],
            ['Kit Osk leaves Magnus Osk and Ann Osk and becomes a child of Bran Drum and Eve Drum, beside the one who is there.',
                $stays]];
        yield 'from a couple to one' => [['Magnus Osk h', 'Ann Osk w'], ['Bran Drum h'],
            ['Kit Osk leaves Magnus Osk and Ann Osk and becomes a child of Bran Drum, beside the one who is there.', $stays]];
        yield 'from one to one' => [['Ann Osk w'], ['Eve Drum w'],
            ['Kit Osk leaves Ann Osk and becomes a child of Eve Drum, beside the one who is there.', $stays, $goes]];
    }

    /**
     * @param  list<string>  $before
     * @param  list<string>  $after
     * @param  list<string>  $told
     */
    #[DataProvider('children')]
    public function test_a_child_is_moved_as_it_was_told(array $before, array $after, array $told): void
    {
        $child = $this->person('Kit Osk h b 1850 d 1920');
        foreach ($before as $parent) {
            $this->relative($child, str_ends_with($parent, ' w') ? 'mother' : 'father', $parent);
        }
        [$to, $names] = $this->parents($after);
        $set = ParentSet::query()->where('child_id', $child)->firstOrFail()->id;
        $stored = $this->stored();
        self::assertSame($told, $this->api('GET', "/parent-sets/{$set}/move?to={$to}")->assertOk()->json('says'));
        self::assertSame($stored, $this->stored(), 'To tell is not to do.');
        $unions = Union::query()->count();

        $this->api('POST', "/parent-sets/{$set}/move", ['to' => $to, 'why' => 'The register.'])->assertNoContent();
        $page = $this->api('GET', "/people/{$child}");
        self::assertEqualsCanonicalizing($names, array_column($page->json('parentSets.0.parents'), 'name'));
        self::assertCount(1, $page->json('parentSets'));
        self::assertCount(2, $page->json('facts'));
        self::assertSame($unions - (count($told) === 3 ? 1 : 0), Union::query()->count());
        $this->undoneToTheByte($stored);
    }

    public function test_a_child_cannot_be_moved_where_it_is_or_in_a_circle_or_to_whom_it_was_ruled_out_of(): void
    {
        $child = $this->person('Kit Osk h b 1850');
        $this->relative($child, 'mother', 'Ann Osk w');
        $own = $this->api('GET', "/people/{$child}")->json('parentSets.0.unionId') ?? ParentSet::query()->where('child_id', $child)
            ->value('union_id');
        $set = (string) ParentSet::query()->where('child_id', $child)->value('id');
        $grandchild = $this->relative($child, 'child', 'Una Osk w b 1875');
        $this->relative($grandchild, 'partner', 'Dan Drum h');
        $below = (string) UnionPartner::query()->where('person_id', $grandchild)->value('union_id');
        [$other] = $this->parents(['Bran Drum h', 'Eve Drum w']);
        $refused = fn (string $to): string => (string) $this->api('POST', "/parent-sets/{$set}/move", ['to' => $to])->assertStatus(409)
            ->json('message');

        self::assertSame('They are parents and child already.', $refused((string) $own));
        self::assertStringContainsString('ancestor', $refused($below));
        $this->api('POST', "/parent-sets/{$set}/move", ['to' => $other])->assertNoContent();
        $this->api('PATCH', "/parent-sets/{$set}", ['standing' => 'ruled out', 'why' => 'Another Kit.'])->assertNoContent();
        $this->relative($child, 'father', 'Sander Osk h');
        $second = (string) ParentSet::counting()->where('child_id', $child)->value('id');
        self::assertNotSame($set, $second);
        self::assertSame('They were ruled out as parents of this child. They can be let stand again at their line of kin.',
            $this->api('POST', "/parent-sets/{$second}/move", ['to' => $other])->assertStatus(409)->json('message'));
        $this->api('POST', "/parent-sets/{$set}/move", ['to' => '00000000-0000-7000-8000-000000000000'])->assertStatus(404);
        $this->api('POST', "/parent-sets/{$set}/move", ['to' => ''])->assertStatus(422);
    }

    /** @return iterable<string, array{int, int, string, list<string>}> children, weddings; how one parent stands; what is told */
    public static function partners(): iterable
    {
        yield 'a couple alone' => [0, 0, 'unweighed',
            ['Sander Osk takes the place of Magnus Osk in this couple.', 'Magnus Osk stays in the tree.']];
        yield 'with a wedding' => [0, 1, 'unweighed',
            ['Sander Osk takes the place of Magnus Osk in this couple, with its 1 event.', 'Magnus Osk stays in the tree.']];
        yield 'with two events' => [0, 2, 'unweighed',
            ['Sander Osk takes the place of Magnus Osk in this couple, with its 2 events.', 'Magnus Osk stays in the tree.']];
        yield 'with a child' => [1, 0, 'unweighed',
            ['Sander Osk takes the place of Magnus Osk in this couple.',
                'Sander Osk becomes a parent of Kit1 Osk, and Magnus Osk is one no longer.', 'Magnus Osk stays in the tree.']];
        yield 'with children and a wedding' => [2, 1, 'unweighed',
            ['Sander Osk takes the place of Magnus Osk in this couple, with its 1 event.',
                'Sander Osk becomes a parent of Kit1 Osk, Kit2 Osk, and Magnus Osk is one no longer.',
                'Magnus Osk stays in the tree.']];
        yield 'whose father was accepted' => [1, 0, 'accepted',
            ['Sander Osk takes the place of Magnus Osk in this couple.',
                'Sander Osk becomes a parent of Kit1 Osk, and Magnus Osk is one no longer.', 'Magnus Osk stays in the tree.']];
        yield 'whose father was ruled out' => [1, 0, 'ruled out',
            ['Sander Osk takes the place of Magnus Osk in this couple.', 'Magnus Osk stays in the tree.']];
    }

    /** @param  list<string>  $told */
    #[DataProvider('partners')]
    public function test_a_place_in_a_union_goes_to_somebody_else_as_it_was_told(
        int $children,
        int $weddings,
        string $standing,
        array $told,
    ): void {
        $magnus = $this->person('Magnus Osk h b 1818');
        $this->relative($magnus, 'partner', 'Ann Osk w b 1822');
        $union = $this->api('GET', "/people/{$magnus}")->json('unions.0');
        foreach (array_slice(['marriage', 'banns'], 0, $weddings) as $kind) {
            $this->api('POST', "/unions/{$union['id']}/facts", ['kind' => $kind, 'date' => '1844'])->assertOk();
        }
        $kits = [];
        for ($i = 1; $i <= $children; $i++) {
            $kits[] = $this->relative($magnus, 'child', "Kit{$i} Osk b 185{$i}", $union['id']);
        }
        if ($standing !== 'unweighed') {
            $set = (string) ParentSet::query()->where('child_id', $kits[0])->value('id');
            $this->api('PATCH', "/parent-sets/{$set}", ['standing' => $standing, 'personId' => $magnus, 'why' => 'The letter.'])
                ->assertNoContent();
        }
        $sander = $this->person('Sander Osk h b 1815');
        $stored = $this->stored();
        self::assertSame($told, $this->api('GET', "/union-partners/{$union['tieId']}/move?to={$sander}")->assertOk()->json('says'));
        self::assertSame($stored, $this->stored());

        $this->api('POST', "/union-partners/{$union['tieId']}/move", ['to' => $sander, 'why' => 'The banns.'])->assertNoContent();
        self::assertSame($standing === 'ruled out' ? 0 : $children, Parentage::leading()->where('person_id', $sander)->count());
        self::assertSame($standing === 'ruled out' ? 1 : 0, Parentage::query()->where('person_id', $magnus)->count(),
            'Who was ruled out stays so.');
        self::assertSame(0, UnionPartner::query()->where('person_id', $magnus)->count());
        self::assertSame($weddings, DB::table('events')->where('tree_id', $this->tree->id)->where('union_id', $union['id'])->count());
        $this->api('GET', "/people/{$magnus}")->assertOk();
        $this->undoneToTheByte($stored);
    }

    public function test_a_place_cannot_go_to_the_other_partner_or_to_a_child(): void
    {
        $magnus = $this->person('Magnus Osk h b 1818');
        $ann = $this->relative($magnus, 'partner', 'Ann Osk w b 1822');
        $union = $this->api('GET', "/people/{$magnus}")->json('unions.0');
        $kit = $this->relative($magnus, 'child', 'Kit Osk b 1850', $union['id']);
        $una = $this->relative($kit, 'child', 'Una Osk w b 1875');
        $stored = $this->stored();
        foreach ([$ann, $magnus, $kit, $una] as $to) {
            foreach (['GET' => "?to={$to}", 'POST' => ''] as $method => $query) {
                $this->api($method, "/union-partners/{$union['tieId']}/move{$query}", $method === 'POST' ? ['to' => $to] : [])
                    ->assertStatus(409);
            }
        }
        self::assertSame($stored, $this->stored());
    }

    /** @param  array<string, mixed>  $stored */
    private function undoneToTheByte(array $stored): void
    {
        $done = $this->stored();
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertEquals($stored, $this->stored());
        $this->api('POST', '/journal/redo')->assertOk();
        self::assertEquals($done, $this->stored());
    }

    /**
     * @param  list<string>  $lines  one or two people, who have a child
     * @return array{string, list<string>} the union, the names
     */
    private function parents(array $lines): array
    {
        $first = $this->person($lines[0]);
        if (isset($lines[1])) {
            $this->relative($first, 'partner', $lines[1]);
        }
        $union = UnionPartner::query()->where('person_id', $first)->value('union_id');
        $this->relative($first, 'child', 'Abel Drum h', $union === null ? null : (string) $union);

        return [(string) UnionPartner::query()->where('person_id', $first)->value('union_id'),
            array_map(static fn (string $line): string => substr($line, 0, -2), $lines)];
    }
}
