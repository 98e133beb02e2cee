<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpParser\Modifiers;
use PhpParser\Node\Name;
use PhpParser\Node\Param;
use PhpParser\Node\Stmt\Class_;
use PhpParser\Node\Stmt\ClassLike;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** How long a line, a file and a signature may be, and that rows of the database stay where they are read. */
final class SizesTest extends TestCase
{
    private const LONGEST_LINE = 140;

    private const LONGEST_FILE = 350;

    private const MOST_PARAMETERS = 7;

    /** Generated from the description of the API. */
    private const GENERATED = 'web/api/schema.d.ts';

    /** The two doors at which columns become values of core, by their description. */
    private const ROW_READERS = ['app/Trees/Exchange/FileRows.php', 'app/Trees/Storage/DescribedColumns.php'];

    public function test_no_line_and_no_file_is_too_long(): void
    {
        $long = [];
        foreach (self::files(
            ['app', 'bench', 'bootstrap', 'config', 'core', 'database', 'demo', 'routes', 'tests', 'web']) as $file => $code) {
            $lines = explode("\n", rtrim($code));
            if (count($lines) > self::LONGEST_FILE) {
                $long[] = "{$file} has ".count($lines).' lines.';
            }
            foreach ($lines as $at => $line) {
                if (mb_strlen($line) > self::LONGEST_LINE) {
                    $long[] = "{$file}:".($at + 1).' has '.mb_strlen($line).' letters.';
                }
            }
        }
        self::assertSame([], $long);
    }

    public function test_signatures_are_short_and_rows_stay_where_they_are_read(): void
    {
        $wrong = [];
        foreach (self::files(['app', 'core/src']) as $file => $code) {
            array_push($wrong,
                ...array_map(static fn (string $said): string => "{$file}: {$said}",
                    self::wrongIn($code, in_array($file, self::ROW_READERS, true))));
        }
        self::assertSame([], $wrong);
    }

    /** @return iterable<string, array{string, int}> */
    public static function planted(): iterable
    {
        $eight = implode(', ', array_map(static fn (int $at): string => "int \$p{$at}", range(1, 8)));
        $public = implode(', ', array_map(static fn (int $at): string => "public int \$p{$at}", range(1, 8)));
        yield 'a method of eight' => ["final class A { public function of({$eight}): void {} }", 1];
        yield 'a service of eight' => ["final class A { public function __construct({$eight}) {} }", 1];
        yield 'a value of eight' => ["final readonly class A { public function __construct({$public}) {} }", 0];
        yield 'a factory of a value' => ["final readonly class A { public static function of({$eight}): self {} }", 0];
        yield 'a row handed out' => ['final class A { public function of(): \stdClass {} }', 1];
        yield 'a row taken' => ['use stdClass; final class A { public function of(?stdClass $row): void {} }', 1];
        yield 'rows in a list' => ['final class A { /** @return list<\stdClass> */ public function of(): array {} }', 1];
        yield 'a row within' => ['final class A { private function of(\stdClass $row): void {} }', 0];
    }

    #[DataProvider('planted')]
    public function test_what_is_planted_is_found(string $class, int $wrong): void
    {
        self::assertCount($wrong, self::wrongIn("<?php {$class}", false));
    }

    /** @return list<string> */
    private static function wrongIn(string $code, bool $readsRows): array
    {
        $wrong = [];
        $finder = new NodeFinder;
        $ast = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
        foreach ($finder->findInstanceOf($ast, ClassLike::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $name = "{$class->name}::{$method->name}";
                if (count($method->params) > self::MOST_PARAMETERS && ! self::isOfValue($class, $method)) {
                    $wrong[] = "{$name} has ".count($method->params).' parameters.';
                }
                if (! $readsRows && ! $method->isPrivate() && self::handsRows($finder, $method)) {
                    $wrong[] = "{$name} hands a row of the database across its edge.";
                }
            }
        }

        return $wrong;
    }

    /** Whether a method makes a value: its constructor, or a named factory of it. */
    private static function isOfValue(ClassLike $class, ClassMethod $method): bool
    {
        $makes = $method->isStatic() && $method->returnType instanceof Name && $method->returnType->toString() === 'self';
        $isValue = static fn (Param $param): bool => ($param->flags & (Modifiers::PUBLIC)) !== 0;
        $constructor = $class->getMethod('__construct');

        return $class instanceof Class_ && $class->isReadonly()
            && ($makes || ($method === $constructor && array_filter($method->params, $isValue) !== []));
    }

    private static function handsRows(NodeFinder $finder, ClassMethod $method): bool
    {
        $types = array_filter([$method->returnType, ...array_map(static fn (Param $param) => $param->type, $method->params)]);
        $names = array_map(static fn (Name $name): string => $name->getLast(), $finder->findInstanceOf($types, Name::class));

        return in_array('stdClass', $names, true) || str_contains((string) $method->getDocComment()?->getText(), 'stdClass');
    }

    /**
     * @param  list<string>  $folders
     * @return iterable<string, string> code by file
     */
    private static function files(array $folders): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach ($folders as $folder) {
            $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                $path = $file instanceof SplFileInfo ? substr($file->getPathname(), strlen($root) + 1) : '';
                if (preg_match('/\.(php|tsx?)$/', $path) === 1 && $path !== self::GENERATED) {
                    yield $path => (string) file_get_contents("{$root}/{$path}");
                }
            }
        }
    }
}
