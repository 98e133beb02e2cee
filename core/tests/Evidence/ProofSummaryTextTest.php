<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence;

use NorthBough\Core\Evidence\ProofSummaryText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The words of a proof as they are first written, and as they are printed. */
final class ProofSummaryTextTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{string, string, string, string, int}>, string}> told, note, weight,
     *     standing, origin of each claim; what is said of their voices
     */
    public static function claims(): iterable
    {
        yield 'none' => [[], 'Nothing is cited.'];
        yield 'one' => [[['3 May 1818', 'Register, 1818', 'strong', 'accepted', 0]], 'What is told comes from one origin.'];
        yield 'two of one origin' => [
            [['3 May 1818', 'Register', 'strong', 'accepted', 0], ['May 1818', 'Transcript', 'derived', 'unweighed', 0]],
            'What is told comes from one origin.'];
        yield 'two of two' => [[['3 May 1818', 'Register', 'strong', 'accepted', 0], ['1817', 'Service book', 'slight', 'rival', 1]],
            'What is told comes from 2 origins that do not depend on one another.'];
        yield 'one of which nothing is cited' => [[['1817', '', '', 'unweighed', -1]], 'Nothing is cited.'];
    }

    /** @param  list<array{string, string, string, string, int}>  $said */
    #[DataProvider('claims')]
    public function test_how_many_voices_there_are(array $said, string $voices): void
    {
        self::assertStringContainsString($voices, self::written($said, '', ''));
    }

    public function test_the_whole_of_it(): void
    {
        self::assertSame(<<<'WORDS'
            When was Magnus Tarrel born?

            3 May 1818: Register, 1818 (strong).
            1817: Service book (slight), ruled out.
            1819: nothing is cited for it.

            What is told comes from 2 origins that do not depend on one another.

            The register was written that month.

            Concluded: 3 May 1818, Hask.
            WORDS, self::written(
            [['3 May 1818', 'Register, 1818', 'strong', 'accepted', 0], ['1817', 'Service book', 'slight', 'ruled out', 1],
                ['1819', '', '', 'unweighed', -1]], '3 May 1818, Hask', ' The register was written that month. '));
    }

    public function test_what_is_not_decided_concludes_nothing(): void
    {
        $words = self::written([['3 May 1818', 'Register', 'strong', 'unweighed', 0]], '', '');
        self::assertStringNotContainsString('Concluded', $words);
        self::assertStringEndsWith('What is told comes from one origin.', $words);
    }

    /** @param  list<array{string, string, string, string, int}>  $said */
    private static function written(array $said, string $decision, string $reason): string
    {
        return ProofSummaryText::of('When was Magnus Tarrel born?',
            array_map(static fn (array $one): array => ['told' => $one[0], 'note' => $one[1], 'weight' => $one[2], 'standing' => $one[3],
                'origin' => $one[4]], $said), $decision,
            $reason);
    }
}
