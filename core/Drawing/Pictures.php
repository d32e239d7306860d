<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Piece\Piece;

/**
 * The picture of every knot, by its word.
 */
final readonly class Pictures
{
    /**
     * @param array<string, KnotPicture> $byWord
     */
    public function __construct(private array $byWord) {}

    /**
     * Returns the pictures of all knots there are, as they come out of a maker's hands who begins on that side.
     */
    public static function all(Side $side = Side::Left): self
    {
        return new self([
            'square' => new Picture\FlatPicture($side),
            'half left' => new Picture\SpiralPicture('left', 1),
            'half right' => new Picture\SpiralPicture('right', -1),
            'overhand' => new Picture\OverhandPicture(),
            'double overhand' => new Picture\CoilPicture(2),
            'barrel' => new Picture\CoilPicture(),
            'lark' => new Picture\HitchPicture([true, false]),
            'vertical lark' => new Picture\HitchPicture([true, false]),
            'hitch' => new Picture\HitchPicture([true]),
            'whip' => new Picture\TurnPicture(),
            'interlace' => new Picture\LoopsPicture(),
        ]);
    }

    /**
     * Returns the pictures of all knots that a piece can have.
     */
    public static function of(Piece $piece): self
    {
        $pictures = self::all($piece->habits->tying->side);
        foreach ($piece->ownKnots() as $knot) {
            $pictures = $pictures->and($knot, new Picture\DrawnPicture($knot));
        }

        return $pictures;
    }

    public function and(Knot $knot, KnotPicture $picture): self
    {
        return new self([$knot->word() => $picture] + $this->byWord);
    }

    public function has(Knot $knot): bool
    {
        return isset($this->byWord[$knot->word()]);
    }

    /**
     * @return list<Placed>
     */
    public function placed(KnotRun $run): array
    {
        $knot = $run->knot->knot ?? throw new \LogicException('What is drawn is no knot.');

        return ($this->byWord[$knot->word()] ?? throw new \LogicException('Nobody draws a '.$knot->word().'.'))->placed($run);
    }
}
