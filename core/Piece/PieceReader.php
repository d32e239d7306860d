<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Hand;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;

/**
 * Reads a piece from the open format (docs/piece.schema.json), decoded to arrays.
 *
 * Lengths are texts as a maker writes them. A bare number is in the piece's unit, thicknesses in mm. Everything wrong is
 * collected, so that a maker sees all of it at once. Girths go from an infant's wrist to a large thigh.
 */
final class PieceReader
{
    public const FORMAT = 'rinkel-piece';
    public const VERSION = 1;

    private const NAME_LONGEST = 80;

    /**
     * @param array<mixed> $document
     *
     * @throws PieceUnreadable If anything in the document is missing, of the wrong kind or out of its range
     */
    public function read(array $document): Piece
    {
        $fields = new Fields($document);
        $fields->mustBe('format', self::FORMAT);
        $fields->mustBe('version', self::VERSION);
        $fields->mustBe('construction', 'square-knot-band');
        $name = $fields->text('name', self::NAME_LONGEST);
        $unit = $fields->choice('unit', Unit::class, Unit::Centimetre, [Unit::Centimetre, Unit::Inch]) ?? Unit::Centimetre;
        $wearer = $this->wearer($fields, $unit);
        $ease = $fields->length('ease', $unit, Length::zero(), Length::ofMillimetres(60), EaseScale::snug());
        $core = $this->cord($fields, 'core', $unit);
        $working = $this->cord($fields, 'working', $unit);
        $cores = $fields->number('core.count', 1, 8, 2);
        $hand = $fields->choice('hand', Hand::class, Hand::Even);
        $sliderKnots = $fields->number('slider.knots', 1, 20, 4);
        $tail = $fields->length('slider.tail', $unit, Length::ofMillimetres(5), Length::ofMillimetres(400));
        $squareKnots = $fields->number('band.squareKnots', 1, 600);
        if ([] !== $fields->faults()) {
            throw PieceUnreadable::because($fields->faults());
        }
        \assert(isset($name, $wearer, $ease, $core, $working, $cores, $hand, $sliderKnots));

        return new Piece($name, $unit, $wearer, $ease, $core, $cores, $working, $hand, $sliderKnots, $tail, $squareKnots);
    }

    private function wearer(Fields $fields, Unit $unit): ?Wearer
    {
        $wrist = $fields->required('wearer.wrist')->length('wearer.wrist', $unit, Length::ofMillimetres(70), Length::ofMillimetres(400));
        $measured = $fields->choice('wearer.measured', Measured::class, Measured::Snug);
        $hand = $fields->length('wearer.hand', $unit, Length::ofMillimetres(70), Length::ofMillimetres(500));

        return null === $wrist || null === $measured ? null : new Wearer($wrist, $measured, $hand);
    }

    private function cord(Fields $fields, string $role, Unit $unit): ?Cord
    {
        $fibre = $fields->choice($role.'.fibre', Fibre::class, Fibre::Polyester);
        $thickness = $fields->length(
            $role.'.thickness',
            Unit::Millimetre,
            Length::ofMillimetres(0.2),
            Length::ofMillimetres(12),
            Length::ofMillimetres(1),
        );
        $colour = $fields->parsed($role.'.colour', Colour::parse(...), Colour::parse('#2e4a62'));

        return null === $fibre || null === $thickness || null === $colour ? null : new Cord($fibre, $thickness, $colour);
    }
}
