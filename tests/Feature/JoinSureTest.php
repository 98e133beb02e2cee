<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use App\Trees\Doubles\FindDoubles;
use App\Trees\Exchange\SilentProgress;
use Illuminate\Support\Facades\DB;

/** All pairs that are as good as sure joined at once, and the copy that is kept first. */
final class JoinSureTest extends TestCase
{
    use UploadsFiles;

    public function test_all_that_are_sure_are_joined_and_a_copy_is_kept_as_it_was(): void
    {
        $this->families();
        $people = $this->api('GET', '/people')->json('total');
        $sure = $this->api('GET', '/doubles')->assertOk()->json('sure');
        self::assertGreaterThanOrEqual(6, $sure);

        $this->api('POST', '/doubles/joins', ['copyFirst' => true])->assertOk();

        $page = $this->api('GET', '/doubles')->json();
        self::assertSame(['joins', 'done'], [$page['scan']['kind'], $page['scan']['state']]);
        self::assertStringStartsWith("{$sure} pairs were joined. It is kept as it was before as ", $page['scan']['said']);
        self::assertSame(0, $page['sure']);
        self::assertSame($people - $sure, $this->api('GET', '/people')->json('total'));
        self::assertSame($sure, DB::table('joins')->where('tree_id', $this->tree->id)->count());
        // Every one is a change of its own.
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($people - $sure + 1, $this->api('GET', '/people')->json('total'));

        $copy = Tree::query()->where('name', "{$this->tree->name}, before joining doubles")->firstOrFail();
        self::assertSame($people, DB::table('people')->where('tree_id', $copy->id)->count());
        self::assertSame('owner', $copy->roleOf($this->user));
    }

    public function test_only_those_of_a_name_and_none_that_was_ruled_on(): void
    {
        $this->families();
        $pairs = $this->api('GET', '/doubles?q=ibsley')->json('pairs');
        $ruled = $pairs[0];
        $this->api('PUT', "/doubles/{$ruled['a']['id']}/{$ruled['b']['id']}/ruling",
            ['ruling' => 'different', 'reason' => 'Two of one name.'])->assertOk();
        $of = $this->api('GET', '/doubles?q=ibsley')->json('sure');
        $people = $this->api('GET', '/people')->json('total');

        $this->api('POST', '/doubles/joins', ['q' => 'ibsley', 'copyFirst' => false])->assertOk();

        self::assertSame($people - $of, $this->api('GET', '/people')->json('total'));
        self::assertNotNull(DB::table('people')->where('tree_id', $this->tree->id)->where('id', $ruled['b']['id'])->value('id'));
        self::assertSame(1, Tree::query()->whereIn('id', DB::table('members')->where('user_id', $this->user->id)->select('tree_id'))
            ->count());
    }

    public function test_a_file_can_come_in_after_a_copy_was_kept(): void
    {
        $this->person('Ewan Tarrel h b 1851');
        $this->api('POST', '/exchange/previews', ['uploadId' => $this->upload(
            "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Una /Osk/\n0 TRLR\n", 'una.ged')])->assertOk();
        $look = $this->api('GET', '/exchange')->json('runs.0.id');
        $this->api('POST', '/exchange/imports', ['lookId' => $look, 'mode' => 'add', 'copyFirst' => true])->assertOk();

        self::assertSame("It is in. The tree as it was before is kept as {$this->tree->name}, before una.ged.", $this->api('GET',
            '/exchange')
            ->json('runs.0.said'));
        self::assertSame([1, 2], [DB::table('people')->where('tree_id', Tree::query()->where('name', 'like', '%before una.ged')
            ->value('id'))
            ->count(), $this->api('GET', '/people')->json('total')]);
    }

    /** Two families that were entered twice with all their days, among others. */
    private function families(): void
    {
        foreach (range(1, 30) as $at) {
            $this->person("Ewan Tarrel h b 18{$at} Slatequay");
        }
        foreach ([['Jabez Ibsley h b 2 Feb 1849 Tolsay d 3 May 1920', 'Keziah Corran w b 4 Mar 1851 Hask d 9 Nov 1921',
            'Nan Ibsley w b 7 Jul 1877 Tolsay'],
            ['Osmund Lorne h b 11 Nov 1790 Kirkhaven d 2 Feb 1851', 'Morwen Sallow w b 7 Jul 1797 Slatequay d 1 Jan 1840',
                'Piers Lorne h b 3 Apr 1822 Kirkhaven']] as [$he, $she, $child]) {
            foreach ([1, 2] as $once) {
                $person = $this->person($he);
                $this->relative($person, 'partner', $she);
                $this->relative($person, 'child', $child, $this->api('GET', "/people/{$person}")->json('unions.0.id'));
            }
        }
        app(FindDoubles::class)->run(new SilentProgress);
    }
}
