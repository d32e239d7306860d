<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Internal;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadFinish;
use Rinkel\Core\Material\BeadMaterial;
use Rinkel\Core\Material\BeadMeasures;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\ButtonForm;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Exception\CordTooNarrow;
use Rinkel\Core\Material\Exception\HoleTooWide;
use Rinkel\Core\Material\Exception\SeedAsDiameter;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Material\Letters;
use Rinkel\Core\Material\Stretch;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;

/**
 * Reads what a piece is made of: cords, beads, findings. Each returns null when something is wrong with it.
 *
 * @internal
 */
final readonly class MaterialReader
{
    public function __construct(private Fields $fields) {}

    public function cord(string $path): ?CordUse
    {
        $fibre = $this->fields->choice($path.'.fibre', Fibre::class, Fibre::Polyester);
        [$mm, $least] = [Unit::Millimetre, Length::ofMillimetres(0.2)];
        [$thickest, $usual] = [Length::ofMillimetres(12), Length::ofMillimetres(1)];
        $thickness = $this->fields->length(
            $path.'.thickness',
            $mm,
            $least,
            $thickest,
            $usual,
            Cord::thicknessOf(...),
        );
        $width = $this->fields->length($path.'.width', $mm, $least, Length::ofMillimetres(40));
        $colour = $this->fields->parsed($path.'.colour', Colour::parse(...), Colour::parse('#2e4a62'));
        $count = $this->fields->number($path.'.count', 1, 60, CordUse::usualCount(substr($path, \strlen('cords.'))));

        $stretch = $this->fields->parsed($path.'.stretch', Stretch::parse(...), null);
        $lay = $this->said($path.'.lay', Lay::Flat);
        $run = $this->said($path.'.run', CordRun::Apart);
        if (null === $fibre || null === $thickness || null === $colour || null === $count
            || $this->fields->hasFaultAt($path)) {
            return null;
        }
        try {
            return new CordUse(new Cord($fibre, $thickness, $colour, $width, $stretch), $count, $lay, $run);
        } catch (CordTooNarrow $narrow) {
            return $this->fields->fault($path.'.width', $narrow->said());
        }
    }

    public function bead(string $path): ?Bead
    {
        $shape = $this->fields->choice($path.'.shape', BeadShape::class, BeadShape::Round);
        $size = $this->seedSize($path.'.size');
        [$least, $most] = [Length::ofMillimetres(0.5), Length::ofMillimetres(80)];
        $parse = self::diameter(...);
        $diameter = $this->fields->length($path.'.diameter', Unit::Millimetre, $least, $most, parse: $parse);
        $length = $this->fields->length($path.'.length', Unit::Millimetre, $least, $most);
        $hole = $this->fields->length($path.'.hole', Unit::Millimetre, Length::ofMillimetres(0.2), $most);
        $colour = $this->fields->parsed($path.'.colour', Colour::parse(...), Colour::parse('#8fb3a8'));
        $stock = $this->fields->number($path.'.stock', 0, 100_000);
        $glass = $this->fields->yes($path.'.glass');
        $material = $this->said($path.'.material', BeadMaterial::Glass);
        $finish = $this->said($path.'.finish', BeadFinish::Shiny);
        $letters = $this->fields->parsed($path.'.letters', Letters::parse(...), null);
        if (null === $shape || null === $colour || $this->fields->hasFaultAt($path)) {
            return null;
        }
        try {
            $measures = new BeadMeasures($size, $diameter, $length, $hole);

            return Bead::measured($shape, $colour, $measures, $stock, $glass, $material, $finish, $letters);
        } catch (HoleTooWide $wide) {
            return $this->fields->fault($path.'.hole', $wide->said());
        }
    }

    private function seedSize(string $path): ?string
    {
        $size = $this->fields->note($path, 10);

        return null === $size || null !== Bead::seed($size) ? $size : $this->fields->fault(
            $path,
            new Message('one-of', ['known' => Bead::seedSizes(), 'found' => new Quoted($size)]),
        );
    }

    /**
     * @throws SeedAsDiameter If it is the number of a seed bead
     */
    private static function diameter(string $text): Length
    {
        return null === Bead::seed(trim($text))
            ? Length::parse($text, Unit::Millimetre)
            : throw SeedAsDiameter::read(trim($text));
    }

    /**
     * Returns what was chosen; null where nobody said.
     *
     * @template T of \BackedEnum
     *
     * @param T $usual where nothing that there is was said
     *
     * @return T|null
     */
    private function said(string $path, \BackedEnum $usual): ?\BackedEnum
    {
        return $this->fields->has($path) ? $this->fields->choice($path, $usual::class, $usual) : null;
    }

    public function finding(string $path): ?Finding
    {
        $kind = $this->fields->choice($path.'.kind', FindingKind::class, FindingKind::Clasp);
        [$least, $most] = [Length::zero(), Length::ofMillimetres(200)];
        $length = $this->fields->length($path.'.length', Unit::Millimetre, $least, $most);
        $width = $this->fields->length($path.'.width', Unit::Millimetre, $least, $most);
        $inside = $this->fields->length($path.'.inside', Unit::Millimetre, $least, $most);
        $nickel = $this->fields->yes($path.'.nickel');
        $stock = $this->fields->number($path.'.stock', 0, 100_000);
        $form = $this->fields->choice($path.'.form', ButtonForm::class, ButtonForm::Coin);

        return null === $kind || null === $form || $this->fields->hasFaultAt($path) ? null : Finding::of(
            $kind,
            $length,
            $width,
            $inside,
            $nickel,
            $stock,
            $form,
        );
    }
}
