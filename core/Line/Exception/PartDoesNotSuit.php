<?php

declare(strict_types=1);

namespace Rinkel\Core\Line\Exception;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A part of a pattern that the piece cannot have: a knot its construction does not tie, a bead it does not know.
 *
 * @internal
 */
final class PartDoesNotSuit extends Refusal
{
    private ?Place $place = null;

    /**
     * Returns where the part stands, null when it was not read or no part alone is to blame.
     */
    public function place(): ?Place
    {
        return $this->place;
    }

    /**
     * @param array<string, \Stringable|int|float|string|list<string>> $values
     */
    private static function at(Node $part, string $key, array $values = []): self
    {
        $unfit = new self(new Message($key, $values));
        $unfit->place = $part->place();

        return $unfit;
    }

    /**
     * @param list<string> $known
     */
    public static function unknownName(Node $part, string $name, array $known): self
    {
        return [] === $known
            ? self::at($part, 'name-unknown-yet', ['name' => new Quoted($name)])
            : self::at($part, 'name-unknown', ['name' => new Quoted($name), 'known' => $known]);
    }

    public static function otherForm(Node $part, string $new, string $old): self
    {
        return self::at($part, 'form-differs', ['new' => new Quoted($new), 'old' => new Quoted($old)]);
    }

    public static function notThere(Node $part): self
    {
        return self::at($part, 'part-not-there', ['part' => $part->word()]);
    }

    public static function notTied(Node $part, Knot $knot): self
    {
        return self::at($part, 'knot-not-tied', ['knot' => $knot->word()]);
    }

    public static function noLane(Node $part, Lane $lane): self
    {
        return self::at($part, 'lane-not-there', ['lane' => $lane->value]);
    }

    public static function noStrand(Node $part, int $strand): self
    {
        return self::at($part, 'strand-not-there', ['strand' => $strand]);
    }

    public static function otherRows(Node $part, int $beads, int $rows): self
    {
        return self::at($part, 'rows-differ', ['beads' => $beads, 'rows' => $rows]);
    }

    public static function tooMany(Node $part, int $most): self
    {
        return self::at($part, 'too-many-parts', ['most' => $most]);
    }

    public static function tooManyLayers(Node $part, int $most): self
    {
        return self::at($part, 'too-many-layers', ['most' => $most]);
    }

    public static function behindBelow(Node $part): self
    {
        return self::at($part, 'behind-below', ['part' => $part->word()]);
    }

    public static function onlyBelow(Node $part): self
    {
        return self::at($part, 'only-below');
    }

    public static function tooManyFits(Node $part, int $most): self
    {
        return self::at($part, 'too-many-fits', ['most' => $most]);
    }

    public static function tooManyToFit(int $most): self
    {
        return new self(new Message('too-many-to-fit', ['most' => $most]));
    }

    public static function fillInRepeat(Node $part): self
    {
        return self::at($part, 'fill-in-repeat');
    }

    public static function fitInFit(Node $part): self
    {
        return self::at($part, 'fit-in-fit');
    }
}
