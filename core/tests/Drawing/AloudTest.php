<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Aloud;
use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Cast\StopReason;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Scene\LineKind;
use PHPUnit\Framework\TestCase;

final class AloudTest extends TestCase
{
    public function test_a_box_says_whose_parent_it_is_of_what_kind_how_far_that_is_proved_and_how_well_it_is_cited(): void
    {
        $box = static fn (string $id, string $name, string $rule): Box => new Box($id, 1, 0, 0, 1, 1, [$name],
            ['1818–1891'], $name, $rule);
        $line = static fn (string $child, string $parent, bool $isDotted, LineKind $kind = LineKind::Birth): Line => new Line([[0.0, 0.0]],
            $isDotted, $child, $parent, $kind);

        self::assertSame([
            'Kit Drum, 1818–1891, cited',
            'Wat Drum, 1818–1891, adoptive parent of Kit Drum, not proved, cited in part',
            'Una Osk, 1818–1891, parent of Wat Drum, partner of Ned Drum, no source yet',
            'Ned Drum, 1818–1891, partner of Una Osk, cited, 2 parents not drawn',
        ], Aloud::all(new BoxLayout('', 1, 1,
            [$box('kit', 'Kit Drum', 'cited'), $box('wat', 'Wat Drum', 'partly'), $box('una', 'Una Osk', 'uncited'), new Box('ned', 1, 0,
                0, 1, 1, ['Ned Drum'], ['1818–1891'], 'Ned Drum', 'cited',
                [new Stop('ned', Toward::Parents, 2, StopReason::Depth)])],
            [$line('kit', 'wat', true, LineKind::Adoptive), $line('wat', 'una', false), $line('una', 'ned', false, LineKind::Couple)])));
    }
}
