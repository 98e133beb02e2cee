<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Aloud;
use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use PHPUnit\Framework\TestCase;

final class AloudTest extends TestCase
{
    public function test_a_box_says_whose_parent_it_is_of_what_kind_how_far_that_is_proved_and_how_well_it_is_cited(): void
    {
        $box = static fn (string $id, string $name, string $rule, string $mark = ''): Box => new Box($id, 1, 0, 0, 1, 1, [$name],
            ['1818–1891'], $name, $rule, $mark, '');
        $line = static fn (string $child, string $parent, bool $isDotted): Line => new Line([[0.0, 0.0]], $isDotted, $child, $parent);

        self::assertSame([
            'Kit Drum, 1818–1891, cited',
            'Wat Drum, 1818–1891, adoptive parent of Kit Drum, not proved, cited in part',
            'Una Osk, 1818–1891, parent of Wat Drum, no source yet',
        ], Aloud::all(new BoxLayout('', 1, 1,
            [$box('kit', 'Kit Drum', 'cited', 'ad.'), $box('wat', 'Wat Drum', 'partly'), $box('una', 'Una Osk', 'uncited')],
            [$line('kit', 'wat', true), $line('wat', 'una', false)])));
    }
}
