<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Question;
use App\Models\Tree;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What was weighed, decided and left open goes out in a file and comes back with what it rests on. */
final class WorkInFilesTest extends TestCase
{
    use UploadsFiles;

    private const CARRYING = ['people', 'names', 'events', 'unions', 'union_partners', 'parent_sets', 'parentages', 'claims', 'claim_uses',
        'questions', 'alternatives', 'points', 'rests_on', 'tasks', 'searches', 'search_people', 'roll_lines', 'placings'];

    public function test_a_tree_that_was_worked_on_comes_back_with_what_its_decisions_rest_on(): void
    {
        [$kit, $line] = $this->household();
        $this->cases($kit, $line);
        $this->couple();

        $file = $this->exported();
        foreach (['2 _NB_PARENT @', '3 _NB_BY ', '0 _NB_QUESTION line', '4 _NB_STATE refused', '_NB_NUMBERED', '_NB_CLAIM ', '_NB_RESTS ',
            '1 _NB_RULED_PARTNER @', '_NB_EVIDENCE direct', '_NB_RULE ', '_NB_TASK Read the will.',
            'Ruled out as a partner: Senara Vane.'] as $expected) {
            self::assertStringContainsString($expected, $file);
        }
        $before = $this->rows();
        $this->tree = Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($file)->assertOk();
        self::assertSame(self::said($file), self::said($this->exported()));
        self::assertSame($before, $this->rows());

        $case = Question::query()->where('aspect', 'father')->firstOrFail()->id;
        self::assertStringContainsString('Census of Marren', (string) $this->api('GET', "/cases/{$case}")
            ->json('alternatives.0.points.0.cited'));
        self::assertSame(1, DB::table('union_partners')->where('tree_id', $this->tree->id)->where('standing', 'ruled out')->count());
    }

    /** @return array{string, string} a son, and a line that may be him */
    private function household(): array
    {
        $source = $this->source('Census of Marren, 1881');
        $record = $this->api('POST', "/sources/{$source}/records", ['kind' => 'census-1881', 'locator' => 'sheet 4'])->assertOk()
            ->json('id');
        $rows = [['Ewan Tarrel', 'Head', '36', 'M'], ['Kit Tarrel', 'Son', '10', 'M'], ['Christopher Tarrel', 'Visitor', '12', 'M']];
        $lines = array_map(
            static fn (array $row): array => ['id' => (string) Str::uuid7(), 'name' => $row[0],
                'columns' => ['relation' => $row[1], 'age' => $row[2], 'sex' => $row[3]]], $rows);
        $this->api('PUT', "/records/{$record}", ['version' => 1, 'date' => '3 April 1881', 'place' => 'Hask', 'lines' => $lines])
            ->assertOk();
        $choices = array_map(static fn (array $row): array => ['lineId' => $row['id'], 'as' => 'new'], array_slice($lines, 0, 2));
        $this->api('POST', "/records/{$record}/take-in", ['version' => 3, 'choices' => $choices, 'why' => 'It says so.'])->assertOk();

        return [(string) DB::table('people')->where('tree_id', $this->tree->id)->orderByDesc('number')->value('id'), $lines[2]['id']];
    }

    private function cases(string $kit, string $line): void
    {
        $father = $this->api('GET', "/people/{$kit}")->json('parentSets.0.parents.0.id');
        $other = $this->person('Sander Tarrel h b 1840');
        $claim = (string) DB::table('claim_uses')->where('tree_id', $this->tree->id)->whereNotNull('parentage_id')->value('claim_id');
        $case = $this->api('POST', '/cases', ['aspect' => 'father', 'personId' => $kit, 'people' => [$father, $other]])->assertOk()
            ->json('id');
        $first = $this->api('GET', "/cases/{$case}")->json('alternatives.0.id');
        $this->api('POST', "/cases/{$case}/points",
            ['text' => 'The page calls him son.', 'isFor' => true, 'alternativeId' => $first, 'claimId' => $claim])->assertOk();
        $this->api('POST', "/cases/{$case}/tasks", ['text' => 'Read the will.'])->assertOk();
        $this->api('POST', "/cases/{$case}/conclude",
            ['version' => 1, 'state' => 'probable', 'alternativeId' => $first, 'reason' => 'The census.'])->assertOk();

        $who = $this->api('POST', '/cases', ['aspect' => 'line', 'lineId' => $line, 'people' => [$kit, $other]])->assertOk()->json('id');
        $second = $this->api('GET', "/cases/{$who}")->json('alternatives.1.id');
        $this->api('POST', "/cases/{$who}/conclude",
            ['version' => 1, 'state' => 'proved', 'alternativeId' => $second, 'reason' => 'Kit is on the page already.'])->assertOk();
    }

    private function couple(): void
    {
        $magnus = $this->person('Magnus Tarrel h b 1818');
        $this->relative($magnus, 'partner', 'Senara Vane w b 1820');
        $union = $this->api('GET', "/people/{$magnus}")->json('unions.0');
        $this->relative($magnus, 'child', 'Ada Tarrel w b 1845', $union['id']);
        $this->api('POST', "/union-partners/{$union['standingTieId']}/standing",
            ['standing' => 'ruled out', 'why' => 'She wed his cousin.'])->assertNoContent();
    }

    /** @return array<string, int> */
    private function rows(): array
    {
        return array_combine(self::CARRYING,
            array_map(fn (string $table): int => DB::table($table)->where('tree_id', $this->tree->id)->count(), self::CARRYING));
    }

    private static function said(string $file): string
    {
        return (string) preg_replace('/^1 CHAN\n2 DATE .*\n3 TIME .*\n/m', '', (string) strstr($file, "\n0 @"));
    }
}
