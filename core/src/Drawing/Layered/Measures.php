<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** How much room everything takes, across the layers and along them. In units of the scene. */
final readonly class Measures
{
    /** Between the lines that run side by side between two layers. */
    public const TRACK = 8.0;

    /** Between two lines that leave one box. */
    public const SLOT = 10.0;

    /** Room of a line that passes a layer by. */
    public const HOLDER = 4.0;

    /**
     * @param  list<float>  $across  of each box, in the direction in which siblings stand beside each other
     * @param  list<float>  $along  of each box, in the direction in which generations follow each other
     * @param  float  $betweenPartners  across
     * @param  float  $betweenUnits  across
     * @param  float  $betweenLayers  along, at the least
     * @param  bool  $atFarSide  whether the boxes of a layer stand at its far side, since it is read from there
     */
    public function __construct(
        public array $across,
        public array $along,
        public float $betweenPartners,
        public float $betweenUnits,
        public float $betweenLayers,
        public bool $atFarSide = false,
    ) {
    }

    public function acrossOf(int $node): float
    {
        return $this->across[$node] ?? self::HOLDER;
    }

    public function alongOf(int $node): float
    {
        return $this->along[$node] ?? 0.0;
    }
}
