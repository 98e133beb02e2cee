<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\AssertionSubject;
use NorthBough\Core\Record\Inference\InferenceRules;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What follows from the words, reckoned by hand. */
final class InferenceTableTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, array<string, string>, string, string, string, string}> kind, day,
     *     columns, rule, fact, first day, last day
     */
    public static function ages(): iterable
    {
        // Soft by two years, or a tenth of the age, at most five; by the sum: 2 June 1875 to 1 June 1876.
        yield 'completed' => ['census-1881', '1 June 1900', ['age' => '24'], 'age told', 'birth', '1873-06-02', '1878-06-01'];
        yield 'rounded over fifteen' => ['census-1841', '6 June 1841', ['age' => '25'], 'age told', 'birth', '1809-06-07', '1818-06-06'];
        yield 'not rounded under fifteen' => ['census-1841', '6 June 1841', ['age' => '12'], 'age told', 'birth', '1826-06-07',
            '1831-06-06'];
        yield 'old people err more' => ['census-1881', '3 April 1881', ['age' => '60'], 'age told', 'birth', '1815-04-04', '1826-04-03'];
        yield 'running' => ['burial', '9 May 1790', ['age' => 'in his 24th year'], 'age told', 'birth', '1764-05-10', '1769-05-09'];
        yield 'at death, where the day stands beside it' => ['burial', '9 May 1790', ['age' => '24', 'died' => '5 May 1790'], 'age told',
            'birth', '1763-05-06', '1768-05-05'];
        yield 'months' => ['census-1881', '3 April 1881', ['age' => '8 months'], 'age told', 'birth', '1880-05-04', '1880-10-03'];
        yield 'three months at the end of March' => ['census-1901', '31 March 1901', ['age' => '3 mo'], 'age told', 'birth', '1900-10-01',
            '1901-02-28'];
        yield 'weeks' => ['census-1881', '3 April 1881', ['age' => '3 weeks'], 'age told', 'birth', '1881-02-07', '1881-04-13'];
        yield 'married years' => ['census-1881', '31 March 1901', ['married' => '17'], 'years married', 'marriage', '1881-04-01',
            '1886-03-31'];
        yield 'registered within' => ['birth-certificate', '14 June 1891', [], 'registered within', 'birth', '1891-05-03', '1891-06-14'];
        yield 'registered in a quarter' => ['death-certificate', 'Q2 1891', [], 'registered within', 'death', '1891-03-18', '1891-06-30'];
    }

    /** @param  array<string, string>  $columns */
    #[DataProvider('ages')]
    public function test_spans(string $kind, string $day, array $columns, string $rule, string $fact, string $first, string $last): void
    {
        $shipped = RecordKinds::named($kind);
        $isCensus = $shipped->eventIsOfAll;
        $head = new RollLine('head', 'Ewan Tarrel', $isCensus ? 'head' : $shipped->roles[0]->code, $isCensus ? [] : $columns);
        $wife = new RollLine('wife', 'Isbel Tarrel', 'wife', $columns);
        $roll = new Roll($shipped, GenDate::parse($day), 'Hask', $isCensus ? [$head, $wife] : [$head]);
        $assertion = $this->one($roll, $isCensus ? $wife : $head, $rule);
        $span = $assertion->date->span();
        self::assertSame($fact, $assertion->kind);
        self::assertSame([$first, $last], [IsoDay::orNull($span?->earliest), IsoDay::orNull($span?->latest)]);
        self::assertNotSame('', $assertion->working);
    }

    /** The sum of the words themselves has soft edges: two censuses never contradict by themselves. */
    public function test_a_told_age_is_soft(): void
    {
        $date = GenDate::parse('aged 24 on 1 June 1900');
        self::assertSame('BET 2 JUN 1875 AND 1 JUN 1876', $date->normal);
        self::assertSame([730, 730], [$date->readings[0]->begin->softBefore, $date->readings[0]->begin->softAfter]);
        self::assertSame('1875 or 1876', $date->shown);
    }

    public function test_a_wife_is_the_heads_partner_and_not_thereby_the_mother(): void
    {
        $roll = self::household();
        $ties = array_values(
            array_filter(InferenceRules::of($roll, $roll->lines[2]),
                static fn (Assertion $assertion): bool => $assertion->of === AssertionSubject::Child));
        self::assertSame([['son', 'head', true], ['son', 'wife', false]],
            array_map(static fn (Assertion $t): array => [$t->lineId, $t->otherLineId, $t->isSaid], $ties));
        self::assertSame(['wife', 'head'],
            [$this->one($roll, $roll->lines[1], 'relation told')->lineId, $this->one($roll, $roll->lines[1], 'relation told')
                ->otherLineId]);
    }

    public function test_kin_of_an_unsaid_degree_and_kin_by_law_make_no_tie(): void
    {
        $roll = self::household();
        foreach ([3, 4, 5] as $at) {
            self::assertSame([],
                array_filter(InferenceRules::of($roll, $roll->lines[$at]),
                    static fn (Assertion $t): bool => in_array($t->of, [AssertionSubject::Child, AssertionSubject::Partner], true)));
        }
    }

    public function test_everybody_was_there_but_only_some_lived_there(): void
    {
        $roll = self::household();
        foreach ($roll->lines as $line) {
            self::assertSame('census', $this->one($roll, $line, 'present there')->kind);
        }
        self::assertStringContainsString('lived there.', $this->one($roll, $roll->lines[0], 'present there')->working);
        self::assertStringContainsString('lived there or elsewhere', $this->one($roll, $roll->lines[5], 'present there')->working);
    }

    public function test_children_are_counted_against_the_marriage(): void
    {
        $kind = RecordKinds::named('census-1901');
        $roll = new Roll($kind, GenDate::parse('31 March 1901'), 'Hask',
            [new RollLine('w', 'Ann Osk', 'wife', ['children' => '11', 'living' => '8'])]);
        self::assertSame('11 children of this marriage by 31 Mar 1901, 3 of them dead before then.',
            $this->one($roll, $roll->lines[0], 'children counted')->working);
    }

    public function test_a_trade_told_of_the_dead_was_theirs_before_that_day(): void
    {
        $certificate = new Roll(RecordKinds::named('death-certificate'), GenDate::parse('24 Nov 1889'), 'Hask', [
            new RollLine('d', 'Magnus Tarrel', 'deceased', ['died' => '22 Nov 1889', 'trade' => 'Keeper']),
            new RollLine('i', 'T. Drum', 'informant', ['trade' => 'Assistant keeper']),
        ]);
        self::assertSame('by 22 Nov 1889', $this->one($certificate, $certificate->lines[0], 'trade told')->date->typed);
        self::assertSame('24 Nov 1889', $this->one($certificate, $certificate->lines[1], 'trade told')->date->typed);
        $burial = new Roll(RecordKinds::named('burial'), GenDate::parse('9 May 1790'), 'Hask',
            [new RollLine('b', 'Ewan Tarrel', 'buried', ['abode' => 'Gannet Stair'])]);
        self::assertSame('by 9 May 1790', $this->one($burial, $burial->lines[0], 'abode told')->date->typed);
    }

    public function test_the_days_of_a_page_are_read_as_the_page_reckons(): void
    {
        $julian = DatingSetting::of(['calendar' => 'JULIAN', 'yearStart' => '25 March'])->over(DatingConvention::unknown());
        $roll = new Roll(RecordKinds::named('baptism'), GenDate::parse('12 Nov 1740', $julian), 'St Bregan',
            [new RollLine('c', 'Barbra', 'child', ['born' => '8 Nov 1740'])], $julian);
        // Eleven days lie between the calendars in 1740: 8 November of the old one is 19 November of ours.
        self::assertSame('1740-11-19', IsoDay::orNull($this->one($roll, $roll->lines[0], 'day written')->date->span()?->earliest));
    }

    public function test_whoever_informs_was_alive(): void
    {
        $roll = new Roll(RecordKinds::named('death-certificate'), GenDate::parse('4 May 1861'), 'Hask',
            [new RollLine('i', 'Ann Osk', 'informant')]);
        self::assertSame('alive', $this->one($roll, $roll->lines[0], 'alive that day')->kind);
    }

    public function test_a_wedding_names_both_and_their_fathers(): void
    {
        $roll = new Roll(RecordKinds::named('marriage'), GenDate::parse('4 May 1861'), 'St Bregan', [
            new RollLine('g', 'Ewan Tarrel', 'groom'), new RollLine('b', 'Ann Osk', 'bride'),
            new RollLine('gf', 'Magnus Tarrel', 'groom’s father'), new RollLine('bf', 'John Osk', 'brides father'),
        ]);
        self::assertSame(['marriage', 'b'],
            [$this->one($roll, $roll->lines[0], 'what the record is of')->kind, $this->one($roll, $roll->lines[0], 'what the record is of')
                ->otherLineId]);
        self::assertSame(['g', 'gf'],
            [$this->one($roll, $roll->lines[2], 'relation told')->lineId, $this->one($roll, $roll->lines[2], 'relation told')
                ->otherLineId]);
        self::assertSame(['b', 'bf'],
            [$this->one($roll, $roll->lines[3], 'relation told')->lineId, $this->one($roll, $roll->lines[3], 'relation told')
                ->otherLineId]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function spellings(): iterable
    {
        yield 'Daur' => ['Daur.', 'daughter'];
        yield 'Hd' => ['Hd', 'head'];
        yield 'Wf' => ['wf', 'wife'];
        yield 'G. Son' => ['G. Son', 'grandson'];
        yield 'Servt' => ['Servt.', 'servant'];
        yield 'Wife’s son' => ['Wife’s son', 'stepson'];
    }

    #[DataProvider('spellings')]
    public function test_roles_are_read_as_clerks_write_them(string $written, string $role): void
    {
        self::assertSame($role, RecordKinds::named('census-1881')->role($written)?->code);
    }

    private static function household(): Roll
    {
        $line = static fn (string $id, string $name, string $relation): RollLine => new RollLine($id, $name, '', ['relation' => $relation]);

        return new Roll(RecordKinds::named('census-1881'), GenDate::parse('3 April 1881'), 'Hask', [
            $line('head', 'Ewan Tarrel', 'Head'), $line('wife', 'Isbel Tarrel', 'Wife'), $line('son', 'Magnus Tarrel', 'Son'),
            $line('inlaw', 'John Osk', 'Son in law'), $line('cousin', 'Ann Drum', 'Cousin'), $line('visitor', 'Peter Corran', 'Visitor'),
        ]);
    }

    private function one(Roll $roll, RollLine $line, string $rule): Assertion
    {
        $found = array_values(
            array_filter(InferenceRules::of($roll, $line), static fn (Assertion $assertion): bool => $assertion->rule === $rule));
        self::assertNotSame([], $found, "Nothing follows by the rule “{$rule}”.");

        return $found[0];
    }
}
