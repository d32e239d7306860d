<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * The core cords of a band: straight, broken where two halves hang on a finding, or apart in rows and waves.
 *
 * @internal
 */
final readonly class Cores
{
    /**
     * @param non-empty-list<EndCord> $ends that the face shows
     */
    public function __construct(
        private Draft $draft,
        private array $ends,
    ) {}

    /**
     * @return list<DrawnCord>
     */
    public function cords(): array
    {
        return $this->spread() ? $this->spreadCores() : $this->straight($this->draft->body()->millimetres);
    }

    /**
     * Returns the core cords that the face shows, broken where two halves hang on a finding.
     *
     * @return list<DrawnCord>
     */
    private function straight(float $body): array
    {
        $piece = $this->draft->piece;
        $pieces = [[0.0, $body]];
        $wire = 0.0;
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $finding = isset($piece->beads[$element->name]) ? null : ($piece->findings[$element->name] ?? null);
            if (null !== $finding && ElementKind::Focal === $element->kind) {
                $wire = ($finding->width->millimetres - $finding->inside->millimetres) / 2;
                $pieces = [[0.0, $start + $wire], [$start + $finding->length->millimetres - $wire, $body]];
            }
        }
        $cords = [];
        foreach ($pieces as [$from, $to]) {
            foreach ($this->ends as $end) {
                $cords[] = DrawnCord::straight($from, $to, $end->y, $end->thickness, $end->colour, 'core');
            }
        }
        if (2 === \count($pieces)) {
            $end = $this->ends[0];
            $reach = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + 0.4 * $end->thickness;
            // The bight of each lark's head lies across, just outside the finding's wire.
            foreach ([
                $pieces[0][1] - 1.2 * $wire - $end->thickness / 2,
                $pieces[1][0] + 1.2 * $wire + $end->thickness / 2,
            ] as $x) {
                $cords[] = new DrawnCord(
                    [new Point($x, -$reach), new Point($x, $reach)],
                    $end->thickness,
                    $end->colour,
                    'core',
                );
            }
        }

        return $cords;
    }

    /**
     * Returns whether the cores leave each other anywhere.
     */
    private function spread(): bool
    {
        return [] !== array_filter(
            $this->draft->setting->elements,
            fn (Element $element): bool => null !== $this->apart($element),
        );
    }

    /**
     * Returns the cores on their ways: apart in rows and waves, together in knots.
     *
     * @return list<DrawnCord>
     */
    private function spreadCores(): array
    {
        $use = $this->draft->piece->cord('core');
        $thickness = $use->cord->thickness->millimetres;
        $cords = [];
        for ($core = 0; $core < $use->count; ++$core) {
            $near = ($core - ($use->count - 1) / 2) * $thickness * 0.8;
            $way = [[-1.0, $near], [0.0, $near]];
            foreach ($this->draft->setting->starts() as $i => $start) {
                $element = $this->draft->setting->elements[$i];
                $length = $element->extent->length->millimetres;
                $apart = $this->apart($element);
                foreach ($apart?->shares() ?? (Lane::Strand === $element->seat->lane ? [] : [0.5]) as $share) {
                    $way[] = [
                        $start + $share * $length,
                        $apart?->coreAt($element, $core, $use->count, $share) ?? $near,
                    ];
                }
            }
            $body = $this->draft->body()->millimetres;
            array_push($way, [$body, $near], [$body + 1, $near]);
            $cords[] = new DrawnCord(Curve::between($way, 3), $thickness, $use->cord->colour, 'core');
        }

        return $cords;
    }

    private static function isOnStrands(Element $element): bool
    {
        return null !== ($element->beside[0] ?? null)?->seat->strand;
    }

    /**
     * Returns the picture of an element in which the cores lie apart.
     */
    public function apart(Element $element): ?ApartPicture
    {
        return match ($element->kind) {
            ElementKind::Rows => new RowsPicture($this->draft->piece->beads),
            ElementKind::Wave => new WavePicture($this->draft->piece->beads),
            ElementKind::Beside => self::isOnStrands($element) ? new StrandsPicture(
                $this->draft->piece->beads,
                max(1, $this->draft->piece->cord('core')->count),
                $this->draft->piece->cord('core')->cord->thickness->millimetres,
            ) : null,
            default => null,
        };
    }
}
