<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

/** A head in an oval, three quarters on, in the browns of an old print. Hair, beard and dress are said for each. */
final class Cameo
{
    private const HAIR = [
        'short' => '<path d="M-118 -70 Q-130 -205 6 -212 Q132 -210 122 -62 Q104 -130 40 -142 Q-60 -150 -118 -70 Z"/>',
        'parted' => '<path d="M-124 -40 Q-136 -208 4 -214 Q138 -210 126 -34 Q112 -120 14 -168 Q-84 -130 -124 -40 Z"/>',
        'bun' => '<circle cx="26" cy="-226" r="52"/><path d="M-124 -30 Q-134 -204 4 -208 Q136 -206 126 -24 Q108 -118 12 -160 Q-88 -120 '
            .'-124 -30 Z"/>',
        'bald' => '<path d="M-122 -40 Q-132 -100 -110 -128 Q-116 -70 -108 -20 Z"/><path d="M122 -40 Q134 -100 112 -128 Q116 -70 108 '
            .'-20 Z"/>',
        'curls' => '<path d="M-136 10 Q-160 -210 4 -220 Q166 -208 138 14 Q150 60 118 66 Q128 -96 20 -158 Q-92 -120 -108 62 Q-150 60 -136 '
            .'10 Z"/>',
        'cap' => '<path d="M-140 -96 Q-120 -226 6 -226 Q134 -224 142 -96 Q0 -150 -140 -96 Z"/><path d="M-150 -92 Q0 -146 150 -92 Q60 -96 '
            .'-150 -92 Z" opacity=".7"/>',
    ];

    private const BEARD = [
        'full' => '<path d="M-112 24 Q-118 190 4 212 Q120 190 112 24 Q70 84 4 74 Q-62 84 -112 24 Z"/>',
        'whiskers' => '<path d="M-118 -30 Q-132 90 -66 128 Q-96 60 -94 -20 Z"/><path d="M118 -30 Q132 90 66 128 Q96 60 94 -20 Z"/>',
        'moustache' => '<path d="M-54 66 Q-22 38 4 54 Q30 38 58 66 Q30 74 4 68 Q-24 74 -54 66 Z"/>',
        '' => '',
    ];

    private const DRESS = [
        'coat' => '<path d="M-250 330 Q-220 190 -84 156 L0 230 L86 156 Q224 190 254 330 Z" fill="#4a4238"/><path d="M-84 156 L0 300 L86 '
            .'156 L40 140 H-40 Z" fill="#efe7d6"/><path d="M-20 196 L0 178 L20 196 L12 262 H-12 Z" fill="#3a342c"/>',
        'shawl' => '<path d="M-250 330 Q-236 200 -96 150 Q0 214 98 150 Q238 200 254 330 Z" fill="#6b5f50"/><path d="M-96 150 Q0 250 98 '
            .'150 L30 330 H-30 Z" fill="#564c40"/>',
        'frock' => '<path d="M-250 330 Q-226 204 -80 160 Q0 196 82 160 Q228 204 254 330 Z" fill="#3f3a34"/><path d="M-80 160 Q0 206 82 '
            .'160 L66 138 Q0 170 -64 138 Z" fill="#efe7d6"/><circle cx="1" cy="192" r="14" fill="#b9a684"/>',
        'jersey' => '<path d="M-250 330 Q-216 196 -78 156 Q0 190 80 156 Q220 196 254 330 Z" fill="#59564f"/><path d="M-78 156 Q0 192 80 '
            .'156 L76 128 Q0 158 -74 128 Z" fill="#6d6a62"/>',
    ];

    /** @param  array{hair: string, beard: string, dress: string, person: string, words: string}  $face */
    public function drawn(array $face, int $x, int $y, float $scale): string
    {
        $seed = crc32($face['person'].$face['words']);
        $tone = ['#d9bd9a', '#d3b491', '#dcc3a2'][$seed % 3];
        $hair = ['#4a3b2b', '#6a5a48', '#8c8478', '#2f2720'][intdiv($seed, 5) % 4];
        $width = 0.92 + ($seed % 17) / 100;
        $clip = 'oval'.$seed;

        return "<g transform=\"translate({$x} {$y}) scale({$scale})\"><clipPath id=\"{$clip}\"><ellipse rx=\"280\" ry=\"340\"/></clipPath>"
            .'<ellipse rx="296" ry="356" fill="#b8aa92"/><ellipse rx="280" ry="340" fill="#cbbfa9"/>'
            ."<g clip-path=\"url(#{$clip})\">".(self::DRESS[$face['dress']] ?? self::DRESS['coat'])
            .'<path d="M-52 70 V176 Q0 214 54 176 V70 Z" fill="'.$tone
                .'"/><path d="M-52 120 Q0 176 54 112 V150 Q0 196 -52 160 Z" fill="#a98863" opacity=".5"/>'
            ."<g transform=\"scale({$width} 1)\"><path d=\"M-112 -60 Q-118 60 -70 120 Q0 178 70 120 Q120 60 114 -60 Q104 -184 2 -188 "
            ."Q-104 -184 -112 -60 Z\" fill=\"{$tone}\"/>"
            .'<path d="M40 -180 Q118 -150 114 -60 Q120 60 70 120 Q44 144 20 152 Q84 60 40 -180 Z" fill="#a98863" opacity=".35"/>'
            .$this->features($seed, $hair)
            ."<g fill=\"{$hair}\">".(self::BEARD[$face['beard']] ?? '').(self::HAIR[$face['hair']] ?? self::HAIR['short']).'</g></g></g>'
            .'<ellipse rx="280" ry="340" fill="none" stroke="#7a6a52" stroke-width="6"/></g>';
    }

    private function features(int $seed, string $hair): string
    {
        $brow = -52 - $seed % 9;
        $mouth = 78 + $seed % 7;

        return '<g fill="none" stroke="#4a382a" stroke-width="6" stroke-linecap="round">'
            ."<path d=\"M-74 {$brow} q26 -14 50 0\" stroke=\"{$hair}\"/><path d=\"M26 {$brow} q26 -14 50 0\" stroke=\"{$hair}\"/>"
            .'<path d="M-66 -22 q16 -12 34 0"/><path d="M34 -22 q16 -12 34 0"/>'
            .'<path d="M6 -20 q18 44 8 60 q-14 8 -26 0" stroke-width="5" opacity=".7"/>'
            ."<path d=\"M-30 {$mouth} q32 14 62 -2\"/></g><circle cx=\"-48\" cy=\"-18\" r=\"7\" fill=\"#2d231a\"/><circle cx=\"52\" "
            .'cy="-18" r="7" fill="#2d231a"/>';
    }
}
