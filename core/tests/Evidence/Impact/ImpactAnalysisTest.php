<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence\Impact;

use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Evidence\Impact\AssumedFalse;
use NorthBough\Core\Evidence\Impact\Conclusion;
use NorthBough\Core\Evidence\Impact\ConclusionKind;
use NorthBough\Core\Evidence\Impact\Impact;
use NorthBough\Core\Evidence\Impact\ImpactAnalysis;
use NorthBough\Core\Evidence\Impact\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ImpactAnalysisTest extends TestCase
{
    /**
     * @return iterable<string, array{list<Conclusion>, AssumedFalse, array<string, string>, array<string, string>}>
     *     conclusions, what is false, placings by claim, what becomes of which
     */
    public static function threads(): iterable
    {
        $register = self::claim('register', strong: true);
        $stone = self::claim('stone', strong: false);
        $copy = self::claim('copy', strong: false, derivedFrom: 'register');
        $other = self::claim('other', strong: true);

        yield 'what rests on one record falls with it' => [[self::fact('birth', $register)], AssumedFalse::claims('register'), [],
            ['birth' => 'falls']];
        yield 'what another record says too stands, but weaker' => [[self::fact('birth', $register, $stone)],
            AssumedFalse::claims('register'), [], ['birth' => 'weaker']];
        yield 'what another says as well stands on that' => [[self::fact('birth', $register, $other)], AssumedFalse::claims('register'), [],
            ['birth' => 'stands on other ground']];
        yield 'the weaker of two is not missed' => [[self::fact('birth', $register, $stone)], AssumedFalse::claims('stone'), [],
            ['birth' => 'stands on other ground']];
        yield 'a copy of what is false is false' => [[self::fact('birth', $register, $copy)], AssumedFalse::claims('register'), [],
            ['birth' => 'falls']];
        yield 'what was copied is not false with its copy' => [[self::fact('birth', $register, $copy)], AssumedFalse::claims('copy'), [],
            ['birth' => 'stands on other ground']];
        yield 'other facts are not touched' => [[self::fact('birth', $register), self::fact('death', $stone)],
            AssumedFalse::claims('register'), [], ['birth' => 'falls']];
        yield 'a decision opens when the fact that it let lead falls' => [
            [self::fact('birth', $register), new Conclusion(ConclusionKind::Decision, 'when born', [], ['birth'])],
            AssumedFalse::claims('register'), [], ['birth' => 'falls', 'when born' => 'opens again'],
        ];
        yield 'a decision that rests on the claim opens even where the fact stands' => [
            [self::fact('birth', $register, $other), new Conclusion(ConclusionKind::Decision, 'when born', [$register, $other], ['birth'])],
            AssumedFalse::claims('register'), [], ['birth' => 'stands on other ground', 'when born' => 'opens again'],
        ];
        yield 'decisions on decisions' => [
            [new Conclusion(ConclusionKind::Decision, 'second', [], ['first']),
                new Conclusion(ConclusionKind::Decision, 'first', [$register])], AssumedFalse::claims('register'), [],
            ['second' => 'opens again', 'first' => 'opens again'],
        ];
        yield 'a line that is somebody else takes its claims with it' => [
            [new Conclusion(ConclusionKind::Placing, 'line 4', []), self::fact('census', $register), self::fact('birth', $stone, $other)],
            AssumedFalse::conclusions('line 4'),
            ['register' => 'line 4', 'stone' => 'line 4'], ['line 4' => 'falls', 'census' => 'falls', 'birth' => 'stands on other ground'],
        ];
        yield 'a line that was placed by a claim' => [
            [new Conclusion(ConclusionKind::Placing, 'line 4', [$other]), self::fact('census', $register)], AssumedFalse::claims('other'),
            ['register' => 'line 4'], ['line 4' => 'falls', 'census' => 'falls'],
        ];
        yield 'what a decision alone proved is unproved when it is asked again' => [
            [new Conclusion(ConclusionKind::Decision, 'who was she', [$register]),
                new Conclusion(ConclusionKind::Tie, 'mother', [], ['who was she']),
                new Conclusion(ConclusionKind::Placing, 'line 4', [$other], ['who was she'])], AssumedFalse::claims('register'),
            [], ['who was she' => 'opens again', 'mother' => 'unproved', 'line 4' => 'unproved'],
        ];
        yield 'a tie' => [[new Conclusion(ConclusionKind::Tie, 'mother', [$register, $stone])],
            AssumedFalse::claims('register', 'stone'), [],
            ['mother' => 'falls']];
        yield 'a tie that is supposed false whatever says so' => [[new Conclusion(ConclusionKind::Tie, 'mother', [$register])],
            AssumedFalse::conclusions('mother'), [], ['mother' => 'falls']];
        yield 'nothing is false' => [[self::fact('birth', $register)], AssumedFalse::claims(), [], []];
        yield 'what nobody cited anything for' => [[self::fact('birth')], AssumedFalse::claims('register'), [], []];
    }

    /**
     * @param  list<Conclusion>  $conclusions
     * @param  array<string, string>  $ofPlacing
     * @param  array<string, string>  $expected
     */
    #[DataProvider('threads')]
    public function test_what_becomes_of_what(array $conclusions, AssumedFalse $supposed, array $ofPlacing, array $expected): void
    {
        self::assertSame($expected, self::told(ImpactAnalysis::of($conclusions, $supposed, $ofPlacing)));
    }

    public function test_more_that_is_false_never_mends_anything_and_the_order_changes_nothing(): void
    {
        $worse = [Outcome::StandsOnOtherGround->value => 1, Outcome::Weaker->value => 2, Outcome::Unproved->value => 3,
            Outcome::Falls->value => 4, Outcome::OpensAgain->value => 4];
        foreach (range(1, 300) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $claims = [];
            foreach (range(0, 9) as $at) {
                $claims[] = self::claim("c{$at}", $random->getInt(0, 1) === 1,
                    $at > 0 && $random->getInt(0, 4) === 0 ? 'c'.$random->getInt(0, $at - 1) : '');
            }
            $conclusions = [];
            foreach (range(0, 11) as $at) {
                $kind = ConclusionKind::cases()[$random->getInt(0, 3)];
                $own = array_values(array_filter($claims, static fn (): bool => $random->getInt(0, 3) === 0));
                $conclusions[] = new Conclusion($kind, "k{$at}", $own, $random->getInt(0, 2) === 0 ? ['k'.$random->getInt(0, 11)] : []);
            }
            $ofPlacing = ['c'.$random->getInt(0, 9) => 'k'.$random->getInt(0, 11)];
            $first = 'c'.$random->getInt(0, 9);
            $second = 'c'.$random->getInt(0, 9);

            $one = self::told(ImpactAnalysis::of($conclusions, AssumedFalse::claims($first), $ofPlacing));
            $both = self::told(ImpactAnalysis::of($conclusions, AssumedFalse::claims($second, $first), $ofPlacing));
            foreach ($one as $id => $outcome) {
                self::assertGreaterThanOrEqual($worse[$outcome], $worse[$both[$id] ?? ''] ?? 0, "seed {$seed}, {$id}");
            }
            $shuffled = self::told(ImpactAnalysis::of($random->shuffleArray($conclusions), AssumedFalse::claims($first), $ofPlacing));
            ksort($shuffled);
            ksort($one);
            self::assertSame($one, $shuffled, "seed {$seed}");
        }
    }

    /**
     * @return array<string, string> outcome by conclusion
     */
    private static function told(Impact $impact): array
    {
        $told = [];
        foreach ($impact->effects as $effect) {
            $told[$effect->conclusion->id] = $effect->outcome->value;
        }

        return $told;
    }

    private static function fact(string $id, ClassifiedClaim ...$claims): Conclusion
    {
        return new Conclusion(ConclusionKind::Fact, $id, array_values($claims));
    }

    private static function claim(string $id, bool $strong, string $derivedFrom = ''): ClassifiedClaim
    {
        return new ClassifiedClaim($id, "record of {$id}", SourceClass::Original, $strong ? Information::Primary : Information::Secondary,
            $strong, derivedFrom: $derivedFrom);
    }
}
