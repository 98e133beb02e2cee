<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoPicture;

/** A portrait, a group, or a light on its rock, as a photographer of the time would have mounted it. */
final readonly class DrawnPicture
{
    private const FACE = 620;

    public function __construct(private DemoPicture $picture)
    {
    }

    public function svg(): string
    {
        [$width, $height] = $this->size();
        $body = $this->picture->faces === [] ? $this->view($width, $height) : '';
        foreach (array_keys($this->picture->faces) as $at) {
            [$x, $y] = $this->middle($at);
            $body .= (new Cameo)->drawn($this->picture->faces[$at], $x, $y, self::FACE / 600);
        }

        return Ink::sheet($width, $height, '#e9dfcd',
            Ink::stains($this->picture->key, $width, $height).$body
                .Ink::print($this->picture->title, intdiv($width, 2), $height - 50, 34, 'text-anchor="middle" font-style="italic"'));
    }

    /** @return array{page: int, left: float, top: float, width: float, height: float} where a face is, as shares of the sides */
    public function face(int $at): array
    {
        [$width, $height] = $this->size();
        [$x, $y] = $this->middle($at);
        $side = self::FACE * 0.72;

        return ['page' => 0, 'left' => ($x - $side / 2) / $width, 'top' => ($y - $side * 0.56) / $height, 'width' => $side / $width,
            'height' => $side / $height];
    }

    /** @return array{int, int} */
    private function size(): array
    {
        $faces = count($this->picture->faces);

        return match (true) {
            $faces === 0 => [1500, 1000],
            $faces === 1 => [900, 1150],
            default => [220 + 560 * $faces, 1000],
        };
    }

    /** @return array{int, int} */
    private function middle(int $at): array
    {
        return count($this->picture->faces) === 1 ? [450, 500] : [390 + 560 * $at, 440 + ($at % 2) * 40];
    }

    private function view(int $width, int $height): string
    {
        $x = intdiv($width, 2) + 160;

        return '<rect x="60" y="60" width="'.($width - 120).'" height="'.($height - 190).'" fill="#cfc6b2"/>'
            .'<path d="M60 640 Q300 560 520 620 T1000 560 T1440 630 V870 H60 Z" fill="#9c927c"/>'
            .'<path d="M60 760 H1440 V870 H60 Z" fill="#857c69"/>'
            ."<path d=\"M{$x} 250 L".($x - 46).' 590 H'.($x + 46).' Z" fill="#f0e9d8" stroke="#5c5445" stroke-width="4"/>'
            .'<rect x="'.($x - 30).'" y="212" width="60" height="44" fill="#5c5445"/><path d="M'.($x - 36)." 212 Q{$x} 160 ".($x + 36)
                .' 212 Z" fill="#5c5445"/>'
            .'<rect x="'.($x - 190).'" y="528" width="130" height="66" fill="#f0e9d8" stroke="#5c5445" stroke-width="4"/><path d="M'
                .($x - 200).' 530 L'.($x - 125).' 480 L'.($x - 50).' 530 Z" fill="#6d6455"/>';
    }
}
