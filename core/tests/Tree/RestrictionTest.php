<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Tree\Restriction;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** RESN in the words of either version, and what it asks for. */
final class RestrictionTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, bool, bool}> as it is written; as it is stored; whether it withholds;
     *     whether all of it is known
     */
    public static function words(): iterable
    {
        yield 'none' => ['', '', false, false];
        yield 'confidential' => ['confidential', 'confidential', true, true];
        yield 'private' => ['privacy', 'privacy', true, true];
        yield 'locked' => ['locked', 'locked', false, true];
        yield 'version 7' => ['CONFIDENTIAL, LOCKED', 'confidential, locked', true, true];
        yield 'the other way round, without blanks' => ['LOCKED,PRIVACY', 'privacy, locked', true, true];
        yield 'with blanks alone' => ['locked confidential', 'confidential, locked', true, true];
        yield 'twice' => ['locked, LOCKED', 'locked', false, true];
        yield 'a word that is none' => ['none', '', false, false];
        yield 'one that is, and one that is none' => ['privacy, family', 'privacy', true, false];
    }

    #[DataProvider('words')]
    public function test_reads_and_tells(string $written, string $stored, bool $withholds, bool $isKnown): void
    {
        $restriction = Restriction::fromStandard($written);
        self::assertSame([$stored, $withholds, $isKnown],
            [$restriction->words(), $restriction->withholds(), Restriction::isKnown($written)]);
        self::assertEquals($restriction, Restriction::fromStandard($restriction->words()));
    }
}
