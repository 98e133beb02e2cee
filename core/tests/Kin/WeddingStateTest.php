<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Kin\WeddingState;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeddingStateTest extends TestCase
{
    /** The first wife's line, the first wedding, the second wedding; the husband's state at the second. */
    private const STATES = [
        'she died before' => ['Moll Stair w d 1860', '1850', '3 May 1862', WeddingState::Widowed],
        'she died on the very day' => ['Moll Stair w d 3 May 1862', '1850', '3 May 1862', WeddingState::Widowed],
        'she died in that year' => ['Moll Stair w d 1862', '1850', '3 May 1862', WeddingState::NotKnown],
        'she died after' => ['Moll Stair w d 1870', '1850', '3 May 1862', WeddingState::Bound],
        'nobody says when she died' => ['Moll Stair w', '1850', '3 May 1862', WeddingState::NotKnown],
        'they never wed' => ['Moll Stair w d 1870', '', '3 May 1862', WeddingState::NeverWed],
        'the second wedding has no day' => ['Moll Stair w d 1860', '1850', 'Kirkhaven', WeddingState::NotKnown],
    ];

    /** @return iterable<string, array{string, string, string, WeddingState}> */
    public static function states(): iterable
    {
        yield from self::STATES;
    }

    #[DataProvider('states')]
    public function test_a_state_follows_from_how_earlier_unions_ended(
        string $first,
        string $wed,
        string $again,
        WeddingState $expected,
    ): void {
        $tree = (new Isles)->person('ewan', 'Ewan Tarrel h')->person('moll', $first)->person('jean', 'Jean Osk w')
            ->union('one', ['ewan', 'moll'], [], $wed)->union('two', ['ewan', 'jean'], [], $again)->tree();
        $unions = $tree->unionsOf(['ewan', 'jean']);
        $people = $tree->people(['ewan', 'moll', 'jean']);

        self::assertSame($expected, WeddingState::of('ewan', $unions['ewan'][1], $unions['ewan'], $people));
        self::assertSame(WeddingState::NeverWed, WeddingState::of('ewan', $unions['ewan'][0], $unions['ewan'], $people));
        self::assertSame(WeddingState::NeverWed, WeddingState::of('jean', $unions['jean'][0], $unions['jean'], $people));
    }
}
