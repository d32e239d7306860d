<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

/**
 * Turns a drawing into SVG 1.1 that any program reads: every copy is written out, every colour and width stands at its
 * element, sizes are in mm. By daylight.
 */
final class PlainSvg
{
    /** By which what a file says of itself is found in it. */
    public const ABOUT = 'rinkel-piece';

    /** What is not drawn: places for the pointer, and on paper the light on beads. */
    private const UNSEEN = ['hit', 'zone-mark', 'zone-word'];
    private const LIGHT = ['bead-shade', 'cord-light', 'core-light'];

    /** Kept as they are; everything else is for pages only. */
    private const KEPT = [
        'd', 'x', 'y', 'width', 'height', 'cx', 'cy', 'r', 'rx', 'ry', 'fill', 'stroke', 'stroke-width',
        'stroke-linecap', 'transform', 'points', 'font-size', 'text-anchor', 'offset', 'stop-color', 'stop-opacity',
        'id',
    ];

    /** How what a class names is drawn, widths in mm; "~" is the cord's colour, "~35" a darker one. */
    private const LOOKS = [
        'cord-edge' => ['fill' => 'none', 'stroke' => '~35', 'stroke-width' => '1', 'stroke-linejoin' => 'round'],
        'cord-body' => ['fill' => 'none', 'stroke' => '~', 'stroke-width' => '0.8', 'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round'],
        'cord-light' => ['fill' => 'none', 'stroke' => '#ffffff', 'stroke-opacity' => '0.28', 'stroke-width' => '0.2'],
        'core-edge' => ['fill' => 'none', 'stroke' => '~35', 'stroke-linejoin' => 'round'],
        'core-body' => ['fill' => 'none', 'stroke' => '~', 'stroke-linejoin' => 'round'],
        'core-light' => ['fill' => 'none', 'stroke' => '#ffffff', 'stroke-opacity' => '0.28'],
        'bead-body' => ['stroke' => '~45', 'stroke-width' => '0.18'],
        'bead-shade' => ['stroke' => 'none'],
        'bead-hole' => ['fill' => '#000000', 'fill-opacity' => '0.45'],
        'bead-letter' => ['font-family' => 'sans-serif', 'font-weight' => 'bold'],
        'metal' => ['fill' => '#b9bfc2', 'stroke' => '#5d666a', 'stroke-width' => '0.25'],
        'metal-line' => ['fill' => 'none', 'stroke' => '#5d666a', 'stroke-width' => '0.3'],
        'wire-edge' => ['fill' => 'none', 'stroke' => '#5d666a'],
        'wire' => ['fill' => 'none', 'stroke' => '#c6cccf'],
        'horn' => ['fill' => '#6d5844', 'stroke' => '#35291d', 'stroke-width' => '0.3'],
        'horn-line' => ['fill' => 'none', 'stroke' => '#8d7860', 'stroke-width' => '0.4'],
        'stone' => ['fill' => '#7d8f8a', 'stroke' => '#46534f', 'stroke-width' => '0.4'],
        'lesson-goes' => ['fill' => 'none', 'stroke' => '#14201f', 'stroke-width' => '0.4',
            'stroke-linecap' => 'round'],
        'lesson-pull' => ['fill' => 'none', 'stroke' => '#14201f', 'stroke-width' => '0.45',
            'stroke-linecap' => 'round'],
        'lesson-hand' => ['fill' => '#ffffff', 'stroke' => '#14201f', 'stroke-width' => '0.2'],
        'lesson-letter' => ['fill' => '#14201f', 'font-family' => 'sans-serif', 'font-weight' => 'bold'],
        'thing-bead' => ['fill' => '#c99a5b', 'stroke' => '#6b4c20', 'stroke-width' => '0.2'],
        'thing-button' => ['fill' => '#a8b4b0', 'stroke' => '#46534f', 'stroke-width' => '0.2'],
        'thing-metal' => ['fill' => '#b9bfc2', 'stroke' => '#5d666a', 'stroke-width' => '0.2'],
        'thing-frame' => ['fill' => 'none', 'stroke' => '#8d979b', 'stroke-width' => '0.8'],
        'thing-glue' => ['fill' => '#e9f3ef', 'stroke' => '#7fa199', 'stroke-width' => '0.2'],
        'thing-dry' => ['fill' => 'none', 'stroke' => '#a3987a', 'stroke-width' => '0.2'],
        'thing-flame' => ['fill' => '#f2a20d', 'stroke' => '#c4500c', 'stroke-width' => '0.3'],
        'thing-melt' => ['fill' => '~60', 'stroke' => '#000000', 'stroke-width' => '0.12'],
        'thing-cord' => ['fill' => '~', 'stroke' => '~35', 'stroke-width' => '0.1'],
        'thing-blade' => ['fill' => '#cfd5d7', 'stroke' => '#46534f', 'stroke-width' => '0.15'],
        'tape-strip' => ['fill' => '#f2c400'],
        'tape-ticks' => ['fill' => 'none', 'stroke' => '#14201f', 'stroke-width' => '0.15'],
        'tape-figure' => ['fill' => '#14201f', 'font-family' => 'sans-serif', 'font-weight' => 'bold'],
        'body-span' => [
            'fill' => 'none',
            'stroke' => '#14201f',
            'stroke-width' => '0.15',
            'stroke-dasharray' => '0.8 0.8',
        ],
    ];

    /** On paper, which is no yellow tape. */
    private const PAPER = ['tape-strip' => ['fill' => '#ffffff', 'stroke' => '#14201f', 'stroke-width' => '0.15']];

    /** @var array<string, \DOMElement> what is copied, by its id */
    private array $defined = [];

    /**
     * @param bool $isLit whether beads and cords shine on yellow tapes, as they do on a screen
     */
    private function __construct(private readonly bool $isLit) {}

    /**
     * @param string               $svg   of a drawing in mm, as PieceDrawing writes it
     * @param bool                 $isLit whether beads and cords shine
     * @param array<string, mixed> $about what the file says of itself for programs, none when empty
     */
    public static function of(string $svg, bool $isLit = true, array $about = []): string
    {
        $document = new \DOMDocument();
        $document->loadXML($svg, \LIBXML_NONET);
        $root = $document->documentElement ?? throw new \LogicException('A drawing is an element.');
        $plain = new self($isLit);
        $plain->define($root);
        [, , $width, $height] = self::box($root);
        $metadata = [] === $about ? '' : Svg::element('metadata', ['id' => self::ABOUT], Svg::text(
            json_encode($about, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE),
        ));

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg',
                'version' => '1.1',
                'viewBox' => $root->getAttribute('viewBox'),
                'width' => Svg::number($width).'mm',
                'height' => Svg::number($height).'mm',
            ],
            Svg::element('title', [], Svg::text($root->getAttribute('aria-label'))),
            $metadata,
            $plain->lights($root),
            $plain->children($root, '#000000'),
        );
    }

    /**
     * Returns left, top, width and height of a drawing, in mm.
     *
     * @return array{float, float, float, float}
     */
    public static function box(\DOMElement $svg): array
    {
        $box = array_map(floatval(...), explode(' ', $svg->getAttribute('viewBox')));

        return [$box[0], $box[1] ?? 0.0, $box[2] ?? 0.0, $box[3] ?? 0.0];
    }

    private function define(\DOMElement $element): void
    {
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                if ($child->hasAttribute('id')) {
                    $this->defined[$child->getAttribute('id')] = $child;
                }
                $this->define($child);
            }
        }
    }

    /**
     * Returns the gradients of a drawing: what a fill can name, and nothing else can.
     */
    private function lights(\DOMElement $root): string
    {
        $lights = '';
        foreach ($this->isLit ? $root->getElementsByTagName('radialGradient') : [] as $light) {
            $lights .= $this->written($light, '#000000');
        }

        return '' === $lights ? '' : Svg::element('defs', [], $lights);
    }

    private function children(\DOMElement $element, string $colour): string
    {
        $written = '';
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && 'defs' !== $child->nodeName) {
                $written .= $this->element($child, $colour);
            } elseif ($child instanceof \DOMText) {
                $written .= Svg::text($child->data);
            }
        }

        return $written;
    }

    private function element(\DOMElement $element, string $colour): string
    {
        $classes = explode(' ', $element->getAttribute('class'));
        if ([] !== array_intersect($classes, $this->isLit ? self::UNSEEN : [...self::UNSEEN, ...self::LIGHT])) {
            return '';
        }
        $own = $element->getAttribute('color');
        $colour = '' === $own ? $colour : $own;
        if ('use' !== $element->nodeName) {
            return $this->written($element, $colour, isCopy: false);
        }
        $copied = $this->defined[ltrim($element->getAttribute('href'), '#')] ?? null;
        if (null === $copied) {
            return '';
        }
        [$x, $y] = [(float) $element->getAttribute('x'), (float) $element->getAttribute('y')];
        $move = 0.0 === $x && 0.0 === $y ? '' : 'translate('.Svg::number($x).' '.Svg::number($y).')';
        $transform = trim($element->getAttribute('transform').' '.$move);

        return Svg::element(
            'g',
            ['transform' => '' === $transform ? null : $transform] + $this->look($element, $colour),
            $this->element($copied, $colour),
        );
    }

    private function written(\DOMElement $element, string $colour, bool $isCopy = true): string
    {
        $attributes = [];
        foreach (self::KEPT as $name) {
            if ($element->hasAttribute($name) && ('id' !== $name || $isCopy)) {
                $attributes[$name] = str_replace('currentColor', $colour, $element->getAttribute($name));
            }
        }
        foreach (['cx', 'cy', 'r'] as $share) {
            if ('radialGradient' === $element->nodeName) {
                $attributes[$share] = $element->getAttribute($share);
            }
        }
        $content = $isCopy
            ? implode('', array_map(
                fn (\DOMElement $child): string => $this->written($child, $colour),
                array_filter(
                    iterator_to_array($element->childNodes),
                    static fn (\DOMNode $child): bool => $child instanceof \DOMElement,
                ),
            ))
            : $this->children($element, $colour);

        return Svg::element($element->nodeName, $attributes + $this->look($element, $colour), $content);
    }

    /**
     * @return array<string, string>
     */
    private function look(\DOMElement $element, string $colour): array
    {
        $look = [];
        foreach (explode(' ', $element->getAttribute('class')) as $class) {
            foreach (($this->isLit ? [] : self::PAPER)[$class] ?? self::LOOKS[$class] ?? [] as $name => $value) {
                $look[$name] = '~' === $value[0] ? self::darker($colour, (int) (substr($value, 1) ?: 100)) : $value;
            }
        }
        if ($element->hasAttribute('stroke-width')) {
            $look['stroke-width'] = $element->getAttribute('stroke-width');
        }

        return $look;
    }

    /**
     * Returns a colour mixed with black, so many percent of it.
     */
    private static function darker(string $hex, int $percent): string
    {
        $mixed = '#';
        foreach (str_split(ltrim($hex, '#'), 2) as $pair) {
            $mixed .= \sprintf('%02x', (int) round((int) hexdec($pair) * $percent / 100));
        }

        return $mixed;
    }
}
