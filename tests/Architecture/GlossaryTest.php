<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What docs/glossary.md names is where it says. */
final class GlossaryTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[DataProvider('terms')]
    public function test_each_term_is_where_the_glossary_says(string $class, string $folder): void
    {
        self::assertFileExists(self::ROOT."/{$folder}/{$class}.php");
        self::assertMatchesRegularExpression("/^(final |readonly |abstract )*(class|interface|enum) {$class}\\b/m",
            (string) file_get_contents(self::ROOT."/{$folder}/{$class}.php"));
    }

    /** @return iterable<string, array{string, string}> */
    public static function terms(): iterable
    {
        preg_match_all('/^\| [^|]* \| `(\w+)` \| [^|]+ \| `([\w\/]+)` \|$/m', (string) file_get_contents(self::ROOT.'/docs/glossary.md'),
            $rows, PREG_SET_ORDER);
        foreach ($rows as [, $class, $folder]) {
            yield $class => [$class, $folder];
        }
    }

    public function test_every_row_of_the_glossary_names_a_class(): void
    {
        $rows = preg_match_all('/^\| (?!on screen|---)/m', (string) file_get_contents(self::ROOT.'/docs/glossary.md'));
        self::assertSame($rows, iterator_count(self::terms()));
    }
}
