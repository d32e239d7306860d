<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnBox;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\DrawnPart;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\HangingScene;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * Lays a piece's body out, without its closure: from 0 to the body's length.
 *
 * @internal
 */
abstract readonly class Body
{
    protected Pictures $pictures;

    /**
     * @param bool $bends whether the piece will be laid around a bend, so that its pictures have to be short
     */
    public function __construct(
        protected Draft $draft,
        protected bool $bends = false,
        ?Pictures $pictures = null,
    ) {
        $this->pictures = $pictures ?? Pictures::of($draft->piece);
    }

    abstract public function scene(): Scene;

    /**
     * @return non-empty-list<EndCord>
     */
    abstract public function ends(): array;

    /**
     * Returns the body of whatever $draft is, by the look of its construction.
     */
    public static function of(Draft $draft, bool $bends = false, ?Pictures $pictures = null): self
    {
        $cords = $draft->construction->cords()->known;

        return match ($draft->construction->look()) {
            Look::Band => new BandBody($draft, $bends, $pictures),
            Look::Wrap => new WrapBody($draft, $bends, $pictures),
            Look::Rope => new RopeBody($draft, $bends, $pictures),
            Look::Bundle => new BundleBody($draft, $bends, $pictures),
            Look::Net => new NetBody($draft, $bends, $pictures),
            Look::Chain => new ChainBody($draft, self::through($draft)),
            Look::Cord => new CordBody($draft, $cords[0], $pictures),
            Look::Layers => new LayersBody($draft, $bends, $pictures),
        };
    }

    /**
     * Returns what hangs from the piece, each straight down from its place.
     */
    public function charms(): Scene
    {
        $hanging = [];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (ElementKind::Charm === $element->kind) {
                $hanging[] = new HangingScene($start, $this->charm($element));
            }
        }

        return new Scene(
            new SceneFrame(left: 0, right: $this->draft->body()->millimetres, height: 0),
            [],
            [],
            hanging: $hanging,
        );
    }

    /**
     * Returns a charm or bead under its ring, its origin where it hangs.
     */
    private function charm(Element $element): Scene
    {
        $top = $this->height() / 2;
        $bead = $this->draft->piece->beads[$element->name] ?? null;
        $finding = null === $bead ? $this->draft->piece->findings[$element->name] ?? null : null;
        $length = ($bead->length ?? $finding->length ?? Length::zero())->millimetres;
        $ring = Finding::of(
            FindingKind::Ring,
            Length::ofMillimetres(4),
            Length::ofMillimetres(4),
            Length::ofMillimetres(2.6),
        );
        $middle = $top + 2.5 + $length / 2;

        return new Scene(
            new SceneFrame(left: -$length / 2, right: $length / 2, height: $top + 2.5 + $length),
            [],
            [],
            beads: null === $bead ? [] : [
                new DrawnBead((string) $element->name, $bead, -$length / 2, $middle, null, 90),
            ],
            findings: [
                new DrawnFinding($ring, -2, $top + 0.5, beneath: true),
                ...(null === $finding ? [] : [new DrawnFinding(
                    Finding::of($finding->kind, $finding->width, $finding->length, $finding->inside),
                    -$finding->width->millimetres / 2,
                    $middle,
                    beneath: true,
                )]),
            ],
        );
    }

    /**
     * Returns the cords that run through a chain.
     *
     * @return non-empty-list<string>
     */
    private static function through(Draft $draft): array
    {
        $cords = array_map(strval(...), array_keys(array_diff_key($draft->piece->cords, ['slider' => 0])));

        return [] === $cords ? $draft->construction->cords()->known : $cords;
    }

    /**
     * Draws one knot, where the element is one.
     */
    protected function tie(
        SceneParts $parts,
        Element $element,
        float $x,
        Cord $cord,
        string $role,
        float $y = 0.0,
        Around $around = new Around(),
    ): void {
        if (null !== $element->knot) {
            $parts->place(...$this->pictures->placed(new KnotRun($element, 1, $x, $y, $cord, $role, $around)));
        }
    }

    protected function bead(Element $element, float $x, float $y, float $turn = 0.0): ?DrawnBead
    {
        $bead = $this->draft->piece->beads[$element->name] ?? null;

        return null === $bead ? null : new DrawnBead(
            (string) $element->name,
            $bead,
            $x,
            $y,
            $element->mention->letter,
            $turn,
        );
    }

    protected function finding(Element $element, float $x): ?DrawnFinding
    {
        $finding = isset($this->draft->piece->beads[$element->name]) ? null : ($this->draft->piece->findings[$element->name] ?? null);

        return null === $finding ? null : new DrawnFinding($finding, $x, 0, beneath: true);
    }

    protected function height(): float
    {
        return max(
            0.0,
            ...array_map(
                static fn (Element $element): float => $element->seat->hangs
                    ? 0.0
                    : $element->extent->width->millimetres,
                $this->draft->setting->elements,
            ),
            ...[0.0],
        );
    }

    /**
     * @return list<string>
     */
    private function roles(Element $element): array
    {
        $knotted = array_filter($element->takes, static fn (Take $take): bool => $take->ties());

        return array_map(
            $this->cordOf(...),
            array_map(strval(...), array_keys([] === $knotted ? $element->takes : $knotted)),
        );
    }

    /**
     * Returns the cord of which $lane is a part: itself, unless a folded cord has two unlike ends.
     */
    protected function cordOf(string $lane): string
    {
        return $lane;
    }

    /**
     * Returns what each part of the pattern takes; neighbours from the same part are one stretch.
     *
     * @param Setting|null $setting of a strand that lies apart, its axis at $y; of the piece when null
     *
     * @return list<DrawnPart>
     */
    protected function stretches(?Setting $setting = null, ?float $y = null): array
    {
        $setting ??= $this->draft->setting;
        $stretches = [];
        $open = null;
        foreach ($setting->starts() as $i => $from) {
            $element = $setting->elements[$i];
            $to = $from + $element->extent->length->millimetres;
            $joins = null !== $open && $open->word === $element->word() && $open->name === $element->name
                && (null === $open->place ? null === $element->mention->place : $open->place->equals(
                    $element->mention->place,
                ));
            if (null !== $open && !$joins) {
                $stretches[] = $open;
            }
            $open = new DrawnPart(
                new DrawnBox(
                    from: $joins ? $open->box->from : $from,
                    to: $to,
                    height: $element->extent->width->millimetres,
                    y: $y,
                ),
                $element->mention->place,
                $element->word(),
                name: $element->name,
                count: $joins ? $open->count + 1 : 1,
                roles: $joins ? $open->roles : $this->roles($element),
            );
        }

        return null === $open ? $stretches : [...$stretches, $open];
    }
}
