<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Imports run one way: each module may use those before it and none after it. A new module is one word in its list. */
final class ImportOrder
{
    /** @var list<string> */
    public const CORE = ['Chrono', 'Naming', 'Place', 'Stored', 'Claim', 'Tree', 'Family', 'Compare', 'Entry', 'Record', 'Evidence',
        'Presentation', 'Kin', 'Life', 'Privacy', 'Citation', 'Narrative', 'Prose', 'Linkage', 'Join', 'Drawing', 'Report', 'Gedcom'];

    /** @var list<string> */
    public const TREES = ['Scope', 'Storage', 'Changes', 'Display', 'Kinds', 'Pictures', 'Places', 'Claims', 'Dating', 'Loading',
        'Families', 'Access', 'Evidence', 'Derived', 'Search', 'Records', 'Exchange', 'Doubles', 'Joins', 'Numbers', 'Drawings',
        'Editing', 'Casework', 'Journal'];

    /** @return iterable<string, Rule> */
    public function test_modules_of_core_use_none_after_them(): iterable
    {
        yield from self::inOrder('NorthBough\Core', self::CORE);
    }

    /** @return iterable<string, Rule> */
    public function test_modules_that_store_a_tree_use_none_after_them(): iterable
    {
        yield from self::inOrder('App\Trees', self::TREES);
    }

    /**
     * @param  list<string>  $modules
     * @return iterable<string, Rule>
     */
    private static function inOrder(string $within, array $modules): iterable
    {
        foreach ($modules as $place => $module) {
            $after = array_slice($modules, $place + 1);
            if ($after !== []) {
                yield $module => PHPat::rule()
                    ->classes(Selector::inNamespace("{$within}\\{$module}"))
                    ->shouldNotDependOn()
                    ->classes(...array_map(static fn (string $name): SelectorInterface => Selector::inNamespace("{$within}\\{$name}"),
                        $after))
                    ->because("{$module} stands before ".implode(', ', $after).'.');
            }
        }
    }
}
