<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Tree\ChildOrder;
use PHPUnit\Framework\TestCase;

final class ChildOrderTest extends TestCase
{
    public function test_the_dated_stand_by_birth_and_the_undated_where_the_hand_put_them(): void
    {
        self::assertSame(['a', 'b', 'c'], ChildOrder::byDate([['c', 30], ['a', 10], ['b', 20]]));
        self::assertSame(['a', 'x', 'b', 'c'], ChildOrder::byDate([['c', 30], ['x', null], ['a', 10], ['b', 20]]));
        self::assertSame(['x', 'y'], ChildOrder::byDate([['x', null], ['y', null]]));
        self::assertSame(['first', 'second'], ChildOrder::byDate([['first', 10], ['second', 10]]), 'twins keep their order');
        self::assertSame([], ChildOrder::byDate([]));
    }
}
