<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence\Thread;

use NorthBough\Core\Evidence\ClassedClaim;
use NorthBough\Core\Evidence\Information;
use NorthBough\Core\Evidence\SourceClass;
use NorthBough\Core\Evidence\Thread\Conclusion;
use NorthBough\Core\Evidence\Thread\ConclusionKind;
use NorthBough\Core\Evidence\Thread\Outcome;
use NorthBough\Core\Evidence\Thread\Pulled;
use NorthBough\Core\Evidence\Thread\Supposed;
use NorthBough\Core\Evidence\Thread\Thread;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ThreadTest extends TestCase
{
    /** @return iterable<string, array{list<Conclusion>, Supposed, array<string, string>, array<string, string>}> conclusions, what is false, placings by claim, what becomes of which */
    public static function threads(): iterable
    {
        $register = self::claim('register', strong: true);
        $stone = self::claim('stone', strong: false);
        $copy = self::claim('copy', strong: false, leansOn: 'register');
        $other = self::claim('other', strong: true);

        yield 'what rests on one record falls with it' => [[self::fact('birth', $register)], Supposed::claims('register'), [], ['birth' => 'falls']];
        yield 'what another record says too stands, but weaker' => [[self::fact('birth', $register, $stone)], Supposed::claims('register'), [], ['birth' => 'weaker']];
        yield 'what another says as well stands on that' => [[self::fact('birth', $register, $other)], Supposed::claims('register'), [], ['birth' => 'stands on other ground']];
        yield 'the weaker of two is not missed' => [[self::fact('birth', $register, $stone)], Supposed::claims('stone'), [], ['birth' => 'stands on other ground']];
        yield 'a copy of what is false is false' => [[self::fact('birth', $register, $copy)], Supposed::claims('register'), [], ['birth' => 'falls']];
        yield 'what was copied is not false with its copy' => [[self::fact('birth', $register, $copy)], Supposed::claims('copy'), [], ['birth' => 'stands on other ground']];
        yield 'other facts are not touched' => [[self::fact('birth', $register), self::fact('death', $stone)], Supposed::claims('register'), [], ['birth' => 'falls']];
        yield 'a decision opens when the fact that it let lead falls' => [
            [self::fact('birth', $register), new Conclusion(ConclusionKind::Decision, 'when born', [], ['birth'])], Supposed::claims('register'), [], ['birth' => 'falls', 'when born' => 'opens again'],
        ];
        yield 'a decision that rests on the claim opens even where the fact stands' => [
            [self::fact('birth', $register, $other), new Conclusion(ConclusionKind::Decision, 'when born', [$register, $other], ['birth'])], Supposed::claims('register'), [], ['birth' => 'stands on other ground', 'when born' => 'opens again'],
        ];
        yield 'decisions on decisions' => [
            [new Conclusion(ConclusionKind::Decision, 'second', [], ['first']), new Conclusion(ConclusionKind::Decision, 'first', [$register])], Supposed::claims('register'), [], ['second' => 'opens again', 'first' => 'opens again'],
        ];
        yield 'a line that is somebody else takes its claims with it' => [
            [new Conclusion(ConclusionKind::Placing, 'line 4', []), self::fact('census', $register), self::fact('birth', $stone, $other)], Supposed::conclusions('line 4'),
            ['register' => 'line 4', 'stone' => 'line 4'], ['line 4' => 'falls', 'census' => 'falls', 'birth' => 'stands on other ground'],
        ];
        yield 'a line that was placed by a claim' => [
            [new Conclusion(ConclusionKind::Placing, 'line 4', [$other]), self::fact('census', $register)], Supposed::claims('other'), ['register' => 'line 4'], ['line 4' => 'falls', 'census' => 'falls'],
        ];
        yield 'what a decision alone proved is unproved when it is asked again' => [
            [new Conclusion(ConclusionKind::Decision, 'who was she', [$register]), new Conclusion(ConclusionKind::Tie, 'mother', [], ['who was she']), new Conclusion(ConclusionKind::Placing, 'line 4', [$other], ['who was she'])], Supposed::claims('register'),
            [], ['who was she' => 'opens again', 'mother' => 'unproved', 'line 4' => 'unproved'],
        ];
        yield 'a tie' => [[new Conclusion(ConclusionKind::Tie, 'mother', [$register, $stone])], Supposed::claims('register', 'stone'), [], ['mother' => 'falls']];
        yield 'a tie that is supposed false whatever says so' => [[new Conclusion(ConclusionKind::Tie, 'mother', [$register])], Supposed::conclusions('mother'), [], ['mother' => 'falls']];
        yield 'nothing is false' => [[self::fact('birth', $register)], Supposed::claims(), [], []];
        yield 'what nobody cited anything for' => [[self::fact('birth')], Supposed::claims('register'), [], []];
    }

    /**
     * @param  list<Conclusion>  $conclusions
     * @param  array<string, string>  $ofPlacing
     * @param  array<string, string>  $expected
     */
    #[DataProvider('threads')]
    public function test_what_becomes_of_what(array $conclusions, Supposed $supposed, array $ofPlacing, array $expected): void
    {
        self::assertSame($expected, self::told(Thread::pull($conclusions, $supposed, $ofPlacing)));
    }

    public function test_more_that_is_false_never_mends_anything_and_the_order_changes_nothing(): void
    {
        $worse = [Outcome::StandsOnOtherGround->value => 1, Outcome::Weaker->value => 2, Outcome::Unproved->value => 3, Outcome::Falls->value => 4, Outcome::OpensAgain->value => 4];
        foreach (range(1, 300) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $claims = [];
            foreach (range(0, 9) as $at) {
                $claims[] = self::claim("c{$at}", $random->getInt(0, 1) === 1, $at > 0 && $random->getInt(0, 4) === 0 ? 'c'.$random->getInt(0, $at - 1) : '');
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

            $one = self::told(Thread::pull($conclusions, Supposed::claims($first), $ofPlacing));
            $both = self::told(Thread::pull($conclusions, Supposed::claims($second, $first), $ofPlacing));
            foreach ($one as $id => $outcome) {
                self::assertGreaterThanOrEqual($worse[$outcome], $worse[$both[$id] ?? ''] ?? 0, "seed {$seed}, {$id}");
            }
            $shuffled = self::told(Thread::pull($random->shuffleArray($conclusions), Supposed::claims($first), $ofPlacing));
            ksort($shuffled);
            ksort($one);
            self::assertSame($one, $shuffled, "seed {$seed}");
        }
    }

    /**
     * @return array<string, string> outcome by conclusion
     */
    private static function told(Pulled $pulled): array
    {
        $told = [];
        foreach ($pulled->effects as $effect) {
            $told[$effect->conclusion->id] = $effect->outcome->value;
        }

        return $told;
    }

    private static function fact(string $id, ClassedClaim ...$claims): Conclusion
    {
        return new Conclusion(ConclusionKind::Fact, $id, array_values($claims));
    }

    private static function claim(string $id, bool $strong, string $leansOn = ''): ClassedClaim
    {
        return new ClassedClaim($id, "record of {$id}", SourceClass::Original, $strong ? Information::Primary : Information::Secondary, $strong, leansOn: $leansOn);
    }
}
