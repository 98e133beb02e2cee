<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Loading\StoredBirths;
use App\Trees\Loading\StoredLineRows;
use App\Trees\Loading\StoredLines;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Kin\Numbering\CountedLines;
use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Kin\Numbering\NumberSystems;
use PHPUnit\Framework\Attributes\TestWith;

/** Everybody numbered by what a reader chose: in lists, and found by what is typed. */
final class NumbersTest extends TestCase
{
    public function test_a_line_is_numbered_in_the_index_and_found_by_its_numbers(): void
    {
        [$odd, $gavin, $mab, $grandchild] = $this->line();
        $this->api('GET', '/numbering')->assertOk()->assertJsonPath('system', '');
        self::assertSame([''], array_values(array_unique($this->api('GET', '/people')->assertOk()->json('rows.*.line'))));

        $this->api('PUT', '/numbering', ['system' => 'daboville', 'personIds' => [$odd], 'adopted' => true, 'step' => false,
            'unproved' => true])->assertNoContent();
        $says = $this->api('GET', '/numbering')->assertOk()->assertJsonPath('names', 'Odd Tarrel')->json('says');
        self::assertStringStartsWith('Descendants of Odd Tarrel by d’Aboville. Of several sets of parents the leading one', $says);
        self::assertSame([$odd => '1', $gavin => '1.1', $mab => '1.2', $grandchild => '1.2.1'],
            array_filter(array_column($this->api('GET', '/people?sort=line')->assertOk()->json('rows'), 'line', 'id')));

        self::assertSame([$grandchild], $this->api('GET', '/jump?q=1.2.1')->assertOk()->json('people.*.id'));
        self::assertSame([$grandchild], $this->api('GET', '/people?q=1.2.1')->assertOk()->json('rows.*.id'));
        self::assertSame([$odd, $gavin, $mab, $grandchild], $this->api('GET', '/people?only=line&sort=line')->assertOk()
            ->json('rows.*.id'));
        $this->api('GET', '/people?only=line')->assertOk()->assertJsonPath('shown', 4)->assertJsonPath('total', 5);
        self::assertSame('1.2.1', $this->api('GET', "/people/{$grandchild}")->assertOk()->json('line'));
        self::assertSame('1.2.1', $this->api('GET', "/people/{$grandchild}/card")->assertOk()->json('line'));

        // Ancestors of the last of them, by other numbers.
        $this->api('PUT', '/numbering', ['system' => 'ancestors', 'personIds' => [$grandchild]])->assertNoContent();
        self::assertSame([$mab], $this->api('GET', '/people?only=line&q=Mab')->json('rows.*.id'));
        self::assertSame('6', $this->api('GET', "/people/{$odd}")->json('line'));

        $this->api('PUT', '/numbering', ['system' => '', 'personIds' => []])->assertNoContent();
        $this->api('GET', '/people?only=line&sort=line')->assertOk()->assertJsonPath('shown', 0);
    }

    public function test_nothing_is_numbered_by_who_is_not_there_and_each_chooses_for_themselves(): void
    {
        [$odd] = $this->line();
        $this->api('PUT', '/numbering', ['system' => 'no such', 'personIds' => [$odd]])->assertUnprocessable();
        $this->api('PUT', '/numbering', ['system' => 'henry', 'personIds' => []])->assertUnprocessable();
        $this->api('PUT', '/numbering', ['system' => 'henry', 'personIds' => [$this->tree->id]])->assertNotFound();
        $this->api('PUT', '/numbering', ['system' => 'henry', 'personIds' => [$odd]])->assertNoContent();
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $this->api('GET', '/numbering')->assertOk()->assertJsonPath('system', '');
        $this->api('PUT', '/numbering', ['system' => 'register', 'personIds' => [$odd]])->assertNoContent();
        $this->api('GET', '/numbering')->assertOk()->assertJsonPath('system', 'register');
    }

    /** A pair that is no couple numbers nobody. */
    public function test_a_couple_numbers_their_own_children_alone(): void
    {
        [$odd, $gavin, $mab] = $this->line();
        $second = $this->relative($odd, 'partner', 'Ros Drum w m 1740');
        $this->api('PUT', '/numbering', ['system' => 'daboville', 'personIds' => [$odd, $second]])->assertNoContent();
        self::assertSame('', $this->api('GET', "/people/{$gavin}")->json('line'));
        self::assertSame('1', $this->api('GET', "/people/{$odd}")->json('line'));
        $this->api('PUT', '/numbering', ['system' => 'daboville', 'personIds' => [$odd, $mab]])->assertNoContent();
        self::assertSame('', $this->api('GET', "/people/{$odd}")->json('line'));
    }

    #[TestWith([0])]
    #[TestWith([PHP_INT_MAX])]
    public function test_lines_out_of_the_database_are_those_of_the_tree(int $many): void
    {
        $told = 0;
        foreach ([3, 5, 8, 13] as $seed) {
            $tree = Tree::begin("Line {$seed}", $this->user);
            app(CurrentTree::class)->enter($tree);
            $file = self::file($seed);
            app(ImportTree::class)->run($file, 'line.ged', $this->user, new SilentProgress);
            unlink($file);
            $founder = (string) DB::table('people')->where('tree_id', $tree->id)->orderBy('number')->value('id');
            foreach ([new LineChoice, new LineChoice(step: true), new LineChoice(adopted: false, unproved: false)] as $choice) {
                $rows = new StoredLineRows(app(CurrentTree::class), app(DatabaseTree::class), app(StoredBirths::class),
                    static fn (): array => []);
                $expected = self::told(CountedLines::ofTree(app(DatabaseTree::class), $choice), $founder);
                self::assertSame($expected, self::told(new StoredLines(app(CurrentTree::class), $rows, $choice, $many), $founder));
                $told += count($expected);
            }
        }
        self::assertGreaterThan(300, $told);
    }

    /** @return list<string> everybody with their number, and whether it is provisional */
    private static function told(Lines $lines, string $founder): array
    {
        return array_map(static fn (Descendant $one): string => "{$one->personId} {$one->number} {$one->isProvisional} {$one->unionId}",
            NumberSystems::numbered(NumberSystems::all()['daboville'], $lines, $founder, PHP_INT_MAX)->list);
    }

    /** @return list<string> ids of a man, two children and a grandchild; somebody else is there besides */
    private function line(): array
    {
        $odd = $this->person('Odd Tarrel h b 1700 d 1760');
        $wife = $this->relative($odd, 'partner', 'Nan Osk w b 1702 d 1739 m 1722');
        $gavin = $this->relative($odd, 'child', 'Gavin Tarrel h b 1725 d 1790');
        $mab = $this->relative($odd, 'child', 'Mab Tarrel w b 1727 d 1790');

        return [$odd, $gavin, $mab, $this->relative($mab, 'child', 'Wilf Averay h b 1750 d 1801'), $wife];
    }

    /** A file of families with all that makes counting hard: several unions, ties of every kind, dates of every kind and none. */
    private static function file(int $seed): string
    {
        mt_srand($seed);
        $dates = ['', '1 BIRT%2 DATE 3 JUN %d', '1 BIRT%2 DATE ABT %d', '1 BIRT%2 DATE BET %d AND 1799', '1 CHR%2 DATE 9 JUN %d',
            '1 BIRT%2 DATE BEF %d', '1 BIRT%2 DATE 3 JUN %d%1 BIRT%2 DATE 1751', '1 BIRT N'];
        $people = $families = '';
        $count = 60;
        for ($at = 0; $at < $count; $at++) {
            $dated = str_replace(['%1', '%2'], ["\n1", "\n2"], $dates[mt_rand(0, 7)]);
            $people .= "0 @I{$at}@ INDI\n1 NAME Col{$at} /Tarrel/\n".($dated === '' ? '' : sprintf($dated, 1700 + $at)."\n");
            foreach (range(1, mt_rand(0, 4) === 0 ? 2 : 1) as $ignored) {
                if ($at > 0) {
                    $family = mt_rand(0, intdiv($at - 1, 2));
                    $people .= "1 FAMC @F{$family}@\n".match (mt_rand(0, 6)) {
                        0 => "2 PEDI ADOPTED\n",
                        1 => "2 STAT CHALLENGED\n",
                        2 => "2 STAT DISPROVEN\n",
                        default => '',
                    };
                    $children[$family][] = $at;
                }
            }
        }
        for ($family = 0; $family < 30; $family++) {
            $families .= "0 @F{$family}@ FAM\n1 HUSB @I".intdiv($family, 2)."@\n".(mt_rand(0, 2) === 0 ? '' : '1 WIFE @I'.mt_rand(0,
                $count - 1)."@\n")
                .(mt_rand(0, 1) === 0 ? '' : "1 MARR\n2 DATE ".mt_rand(1720, 1790)."\n");
            foreach ($children[$family] ?? [] as $child) {
                $families .= "1 CHIL @I{$child}@\n";
            }
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'line');
        file_put_contents($file, "0 HEAD\n1 GEDC\n2 VERS 7.0\n{$people}{$families}0 TRLR\n");

        return $file;
    }
}
