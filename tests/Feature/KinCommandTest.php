<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;

final class KinCommandTest extends TestCase
{
    private const FILE = <<<'GED'
        0 HEAD
        1 GEDC
        2 VERS 7.0
        0 @A@ INDI
        1 NAME Ewan /Tarrel/
        1 SEX M
        1 FAMC @F1@
        1 FAMC @F2@
        2 STAT CHALLENGED
        1 FAMC @F3@
        2 STAT DISPROVEN
        1 FAMC @F4@
        1 ADOP
        2 FAMC @F4@
        3 ADOP BOTH
        1 FAMC @F5@
        2 PEDI OTHER
        3 PHRASE guardian
        0 @B@ INDI
        1 NAME Ann /Tarrel/
        1 SEX F
        1 FAMC @F1@
        0 @P@ INDI
        1 SEX M
        0 @Q@ INDI
        1 SEX F
        0 @R@ INDI
        1 SEX M
        0 @S@ INDI
        1 SEX M
        0 @T@ INDI
        1 SEX F
        0 @G@ INDI
        1 SEX M
        0 @F1@ FAM
        1 HUSB @P@
        1 WIFE @Q@
        1 CHIL @A@
        1 CHIL @B@
        1 MARR
        0 @F2@ FAM
        1 HUSB @R@
        1 CHIL @A@
        0 @F3@ FAM
        1 HUSB @S@
        1 CHIL @A@
        0 @F4@ FAM
        1 WIFE @T@
        1 CHIL @A@
        0 @F5@ FAM
        1 HUSB @G@
        1 CHIL @A@
        0 TRLR
        GED;

    protected function setUp(): void
    {
        parent::setUp();
        $file = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($file, self::FILE);
        self::assertSame(0, Artisan::call('bough:import', ['file' => $file, '--tree' => $this->tree->id]));
        $this->enter($this->tree);
    }

    public function test_what_one_person_is_to_another_by_pointer_number_and_id(): void
    {
        $expected = [['term' => 'sister', 'kind' => 'blood', 'paths' => ['total' => 2, 'listed' => [[1, 3, 2], [1, 4, 2]]]]];
        self::assertSame($expected, $this->kin('@A@', '@B@'));
        self::assertSame($expected, $this->kin('1', '2'));
        self::assertSame([['term' => 'self', 'kind' => 'self', 'paths' => ['total' => 1, 'listed' => [[1]]]]], $this->kin('1', '@A@'));
        self::assertSame('wife', $this->kin('@P@', '@Q@')[0]['term']);
        self::assertSame([], $this->kin('@B@', '@G@'));
    }

    public function test_ties_stand_as_their_file_says(): void
    {
        $terms = fn (string $who): array => array_map(static fn (array $one): string => "{$one['term']} · {$one['kind']}",
            $this->kin('@A@', $who));

        self::assertSame(['father · blood'], $terms('@P@'));
        self::assertSame(['said to be father · blood'], $terms('@R@'));
        self::assertSame([], $terms('@S@'), 'a tie that is disproved makes no kinship');
        self::assertSame(['adoptive mother · adoptive'], $terms('@T@'));
        self::assertSame(['guardian · guardian'], $terms('@G@'));
    }

    public function test_nobody_and_more_than_one_get_a_sentence(): void
    {
        self::assertSame(1, Artisan::call('bough:kin', ['tree' => $this->tree->id, 'a' => '@NOBODY@', 'b' => '1']));
        self::assertStringContainsString('Nobody in this tree is @NOBODY@', Artisan::output());
        $this->setUpAgain();
        self::assertSame(1, Artisan::call('bough:kin', ['tree' => $this->tree->id, 'a' => '@A@', 'b' => '1']));
        self::assertStringContainsString('number 1 (from', $said = Artisan::output());
        self::assertStringContainsString('number 9 (from', $said);
        self::assertSame(1, Artisan::call('bough:kin', ['tree' => 'no such tree', 'a' => '1', 'b' => '1']));
    }

    private function setUpAgain(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($file, self::FILE);
        Artisan::call('bough:import', ['file' => $file, '--tree' => $this->tree->id]);
    }

    /** @return list<array{term: string, kind: string, paths: array{total: int, listed: list<list<int>>}}> */
    private function kin(string $a, string $b): array
    {
        self::assertSame(0, Artisan::call('bough:kin', ['tree' => $this->tree->id, 'a' => $a, 'b' => $b, '--json' => true]));

        return json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    }
}
