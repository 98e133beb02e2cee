<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Claim;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Evidence\Contemporaneity;
use NorthBough\Core\Evidence\OriginGroups;
use NorthBough\Core\Evidence\QualityNumber;
use NorthBough\Core\Evidence\WeightRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Weights by the stated rule: an order, never a sum of points. */
final class WeightGradeTest extends TestCase
{
    /** @return iterable<string, array{SourceClass, Information, bool, WeightGrade}> */
    public static function weights(): iterable
    {
        yield 'the register, by those who were there' => [SourceClass::Original, Information::Primary, true, WeightGrade::Strong];
        yield 'the transcript of it' => [SourceClass::Derivative, Information::Primary, true, WeightGrade::Fair];
        yield 'the same, told forty years on' => [SourceClass::Original, Information::Primary, false, WeightGrade::Fair];
        yield 'a birth told by a daughter at a death' => [SourceClass::Original, Information::Secondary, true, WeightGrade::Fair];
        yield 'a stone put up by a grandchild' => [SourceClass::Original, Information::Secondary, false, WeightGrade::Slight];
        yield 'an index of what a colleague said' => [SourceClass::Derivative, Information::Secondary, true, WeightGrade::Slight];
        yield 'a history of the isles' => [SourceClass::Authored, Information::Secondary, false, WeightGrade::Slight];
        yield 'nobody knows who told it' => [SourceClass::Original, Information::Undetermined, true, WeightGrade::Slight];
        yield 'nobody classed it' => [SourceClass::Unstated, Information::Unstated, false, WeightGrade::Slight];
    }

    #[DataProvider('weights')]
    public function test_the_rule(SourceClass $source, Information $information, bool $isNear, WeightGrade $weight): void
    {
        self::assertSame($weight, WeightRule::of(self::claim('c', $source, $information, $isNear))->weight);
    }

    /** A better class never lowers a weight, whatever the others are. */
    public function test_the_order_is_monotone(): void
    {
        $ladders = [
            'source' => [SourceClass::Unstated, SourceClass::Authored, SourceClass::Derivative, SourceClass::Original],
            'information' => [Information::Unstated, Information::Undetermined, Information::Secondary, Information::Primary],
            'near' => [false, true],
        ];
        foreach ($ladders['source'] as $source) {
            foreach ($ladders['information'] as $information) {
                foreach ($ladders['near'] as $near) {
                    $weight = WeightRule::of(self::claim('c', $source, $information, $near))->weight;
                    foreach (array_slice($ladders['source'], (int) array_search($source, $ladders['source'], true)) as $better) {
                        self::assertTrue(WeightRule::of(self::claim('c', $better, $information, $near))->weight->isAtLeast($weight));
                    }
                    foreach (array_slice($ladders['information'],
                        (int) array_search($information, $ladders['information'], true)) as $better) {
                        self::assertTrue(WeightRule::of(self::claim('c', $source, $better, $near))->weight->isAtLeast($weight));
                    }
                    self::assertTrue(WeightRule::of(self::claim('c', $source, $information, true))->weight->isAtLeast($weight));
                }
            }
        }
    }

    public function test_what_leans_counts_nothing_and_what_nobody_read_has_no_weight(): void
    {
        $derived = new ClassifiedClaim('t', 'transcript', SourceClass::Derivative, Information::Primary, true, derivedFrom: 'entry');
        self::assertSame(WeightGrade::Derived, WeightRule::of($derived)->weight);
        self::assertSame(WeightGrade::Unread,
            WeightRule::of(new ClassifiedClaim('t', 'r', SourceClass::Original, Information::Primary, true, isRead: false))->weight);
    }

    public function test_somebody_may_overrule_it_with_words_and_the_rule_stays_in_sight(): void
    {
        $weighed = WeightRule::of(
            new ClassifiedClaim('c', 'r', SourceClass::Derivative, Information::Secondary, false, saidWeight: WeightGrade::Fair,
                why: 'The clerk knew the family.'));
        self::assertSame(WeightGrade::Fair, $weighed->weight);
        self::assertSame('Said to be fair: The clerk knew the family.', $weighed->working[0]);
        self::assertSame(
            ['By the rule it is slight.', 'The informant had it from others.', 'It was not set down near the event.',
                'It was seen in '.SourceClass::Derivative->word().'.'], array_slice($weighed->working, 1));
    }

    /** @return iterable<string, array{string, string, bool}> day of the record, day of the event */
    public static function days(): iterable
    {
        yield 'a month after' => ['3 June 1818', '3 May 1818', true];
        yield 'a year and a day after' => ['4 May 1819', '3 May 1818', true];
        yield 'two years after' => ['3 May 1820', '3 May 1818', false];
        yield 'the same year, no day' => ['1818', '1818', true];
        yield 'the year after, no day' => ['1819', '1818', false];
        yield 'no day of the record' => ['', '1818', false];
        yield 'an age told of long ago' => ['2 Apr 1881', 'aged 24 on 2 Apr 1881', false];
    }

    #[DataProvider('days')]
    public function test_what_is_near(string $record, string $event, bool $isNear): void
    {
        self::assertSame($isNear, Contemporaneity::of(GenDate::parse($record), GenDate::parse($event)));
    }

    /** The early Ewan Tarrel: the transcript leans on the entry, so the register and the stone are two origins, not three. */
    public function test_origins_and_notches(): void
    {
        $entry = self::claim('entry', SourceClass::Original, Information::Primary, true);
        $transcript = new ClassifiedClaim('transcript', 'p31', SourceClass::Derivative, Information::Primary, true, derivedFrom: 'entry');
        $stone = new ClassifiedClaim('stone', 'stone', SourceClass::Original, Information::Undetermined, false);
        self::assertSame([['entry', 'transcript'], ['stone']],
            array_map(static fn (array $group): array => array_column($group, 'id'), OriginGroups::among([$entry, $transcript, $stone])));
        self::assertSame([WeightGrade::Strong, WeightGrade::Slight], OriginGroups::weights([$stone, $transcript, $entry]));
        self::assertSame([], OriginGroups::weights([$transcript]));

        $censuses = array_map(
            static fn (string $year): ClassifiedClaim => new ClassifiedClaim($year, "c{$year}", SourceClass::Original,
                Information::Secondary, false, informant: 'Hezzy Drum'),
            ['1841', '1851', '1861', '1871', '1881']);
        self::assertCount(1, OriginGroups::among($censuses));
        self::assertSame([WeightGrade::Slight], OriginGroups::weights($censuses));
        self::assertSame([WeightGrade::Fair, WeightGrade::Unread],
            OriginGroups::weights(
                [new ClassifiedClaim('u', 'file', SourceClass::Unstated, Information::Unstated, false, isRead: false),
                    self::claim('f', SourceClass::Original, Information::Primary, false)]));
    }

    public function test_the_order_of_claims_changes_no_origin(): void
    {
        $claims = [];
        for ($at = 0; $at < 12; $at++) {
            $claims[] = new ClassifiedClaim("c{$at}", 'r'.($at % 5), SourceClass::Original, Information::Primary, true,
                informant: $at % 4 === 0 ? 'J. Fenwhistle' : '', derivedFrom: $at === 7 ? 'c2' : '');
        }
        $before = self::sets($claims);
        for ($try = 0; $try < 20; $try++) {
            shuffle($claims);
            self::assertSame($before, self::sets($claims));
        }
    }

    /**
     * @param  list<ClassifiedClaim>  $claims
     * @return list<list<string>> ids by origin, in an order of their own
     */
    private static function sets(array $claims): array
    {
        $sets = [];
        foreach (OriginGroups::among($claims) as $group) {
            $ids = array_column($group, 'id');
            sort($ids);
            $sets[] = $ids;
        }
        sort($sets);

        return $sets;
    }

    /** @return iterable<string, array{Information, Directness, string}> */
    public static function numbers(): iterable
    {
        yield 'primary and direct' => [Information::Primary, Directness::Direct, '3'];
        yield 'primary, not direct' => [Information::Primary, Directness::Indirect, '2'];
        yield 'secondary' => [Information::Secondary, Directness::Direct, '2'];
        yield 'doubtful' => [Information::Undetermined, Directness::Direct, '1'];
        yield 'nobody said' => [Information::Unstated, Directness::Direct, ''];
    }

    #[DataProvider('numbers')]
    public function test_the_number_of_the_standard(Information $information, Directness $directness, string $number): void
    {
        self::assertSame($number, QualityNumber::of($information, $directness));
    }

    private static function claim(string $id, SourceClass $source, Information $information, bool $isNear): ClassifiedClaim
    {
        return new ClassifiedClaim($id, "record of {$id}", $source, $information, $isNear);
    }
}
