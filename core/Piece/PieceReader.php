<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\KnotWish;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Closure\LoopWish;
use Rinkel\Core\Closure\ReachWish;
use Rinkel\Core\Closure\Shows;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Gluing;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternText;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;
use Rinkel\Core\Piece\Internal\MaterialReader;
use Rinkel\Core\Quoted;
use Rinkel\Core\Work\Allowances;
use Rinkel\Core\Work\Crossing;
use Rinkel\Core\Work\EndHabits;
use Rinkel\Core\Work\Habits;
use Rinkel\Core\Work\Halving;
use Rinkel\Core\Work\Joining;
use Rinkel\Core\Work\LoopEnd;
use Rinkel\Core\Work\OrderHabits;
use Rinkel\Core\Work\Reminders;
use Rinkel\Core\Work\Sealing;
use Rinkel\Core\Work\Stringing;
use Rinkel\Core\Work\Turn;
use Rinkel\Core\Work\TyingHabits;

/**
 * Reads a piece from the open format (docs/piece.schema.json), decoded to arrays.
 *
 * Lengths are texts as a maker writes them. A bare number is in the piece's unit; thicknesses, beads and findings are
 * in mm. Everything wrong is collected, so that a maker sees all of it at once.
 */
final class PieceReader
{
    public const FORMAT = 'rinkel-piece';
    public const VERSION = 6;

    private const NAME_LONGEST = 80;

    /** What is sampled by the section: a wave, a length of braid, one link laced through. */
    private const SECTIONS = ['wave', 'braid', 'link'];
    private const PATTERN_LONGEST = 20_000;

    private readonly KnownKnots $knots;
    public readonly KnownClosures $closures;

    /**
     * @param KnownKnots|null    $knots    that patterns can name; all there are when null
     * @param KnownClosures|null $closures likewise
     */
    public function __construct(?KnownKnots $knots = null, ?KnownClosures $closures = null)
    {
        $this->knots = $knots ?? KnownKnots::all();
        $this->closures = $closures ?? KnownClosures::all();
    }

    /**
     * @param array<mixed> $document
     *
     * @throws PieceUnreadable If anything in the document is missing, of the wrong kind or out of its range
     */
    public function read(array $document): PieceSpec
    {
        $fields = new Fields(FormatUpgrades::upgrade($document));
        $fields->mustBe('format', self::FORMAT);
        $fields->mustBeVersion('version', self::VERSION);
        $name = $fields->text('name', self::NAME_LONGEST);
        $unit = $fields->choice(
            'unit',
            Unit::class,
            Unit::Centimetre,
            [Unit::Centimetre, Unit::Inch],
        ) ?? Unit::Centimetre;
        $construction = $fields->name('construction');
        $wearing = $this->wearing($fields, $unit);
        $materials = self::materials($fields);
        $own = self::own($fields);
        $knots = $this->knots->and(...array_values($own));
        $pattern = $fields->note('pattern', self::PATTERN_LONGEST);
        $workmanship = $this->workmanship($fields, $unit, $knots)->withKnots($own);
        $closure = $this->closure($fields, $unit, $workmanship->habits);
        $fields->noneElse();
        $written = null === $pattern ? null : $fields->parsed(
            'pattern',
            static fn (string $text): PatternText => PatternText::read($text, $unit, $knots),
            null,
        );
        if ([] !== $fields->faults()) {
            throw PieceUnreadable::because($fields->faults());
        }
        \assert(isset($name, $construction, $wearing));

        return new PieceSpec($name, $unit, $construction, $wearing, $materials, $written, $closure, $workmanship);
    }

    private function wearing(Fields $fields, Unit $unit): ?Wearing
    {
        $wearer = $this->wearer($fields, $unit);
        $ease = $fields->length('ease', $unit, Length::zero(), Length::ofMillimetres(60), EaseScale::snug());
        $wraps = $fields->number('wraps', 1, Wearing::MOST_WRAPS, 1);
        $length = $fields->length('length', $unit, Length::ofCentimetres(5), Length::ofCentimetres(300));
        $drop = $fields->length('drop', $unit, Length::zero(), Length::ofCentimetres(100));
        $whom = $fields->has('for') ? $fields->text('for', self::NAME_LONGEST) : null;
        $child = $fields->yes('forChild');

        return isset($wearer, $ease, $wraps) ? new Wearing($wearer, $ease, $wraps, $length, $drop, $whom, $child) : null;
    }

    private static function materials(Fields $fields): Materials
    {
        $materials = new MaterialReader($fields);

        return new Materials(
            $fields->each('cords', $materials->cord(...), Pattern::isName(...), Naming::refusal(...)),
            $fields->each('beads', $materials->bead(...), Naming::suits(...), Naming::refusal(...)),
            $fields->each('findings', $materials->finding(...), Pattern::isName(...), Naming::refusal(...)),
        );
    }

    /**
     * @return array<string, DrawnKnot> knots of its maker's own, by their word
     */
    private static function own(Fields $fields): array
    {
        return $fields->each(
            'knots',
            static fn (string $path): ?DrawnKnot => KnotReader::in($fields, $path.'.', substr($path, 6), $path),
            static fn (string $name): bool => 1 === preg_match(DrawnKnot::NAME, $name),
            static fn (string $name): Message => KnotUnreadable::name($name)->said(),
        );
    }

    private function workmanship(Fields $fields, Unit $unit, KnownKnots $knots): Workmanship
    {
        return new Workmanship(
            $fields->has('tension') ? $fields->choice('tension', Tension::class, Tension::Even) : null,
            $fields->each(
                'samples',
                fn (string $path): ?Sample => $this->sample($fields, $path),
                static fn (string $word): bool => self::isKnot($word, $knots),
                static fn (string $word): Message => self::noKnot($word, $knots),
            ),
            $this->habits($fields, $unit),
            $fields->length('gauge', $unit, Length::ofMillimetres(2), Length::ofMillimetres(200)),
            $fields->number('risk', Risk::LEAST, Risk::MOST, Risk::USUAL) ?? Risk::USUAL,
            $fields->yes('instantGlue'),
            credit: self::creditIn($fields),
        );
    }

    /**
     * @param array<mixed> $document by, licence and, where there is anything to say, says
     *
     * @throws PieceUnreadable If either lacks, or any is too long
     */
    public function credit(array $document): Credit
    {
        $fields = new Fields(['credit' => $document]);
        $credit = self::creditIn($fields);

        $faults = $fields->faults();
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
        \assert(null !== $credit);

        return $credit;
    }

    private static function creditIn(Fields $fields): ?Credit
    {
        if (!$fields->has('credit')) {
            return null;
        }
        $most = Credit::LONGEST;
        $by = $fields->text('credit.by', $most['by'], new Message('credit-by'));
        $licence = $fields->text('credit.licence', $most['licence'], new Message('credit-licence'));
        $says = $fields->has('credit.says')
            ? $fields->text('credit.says', $most['says'], new Message('credit-says'))
            : '';
        $mark = $fields->has('credit.mark') ? $fields->text('credit.mark', Credit::MARK) : '';

        return isset($by, $licence, $says, $mark) ? new Credit($by, $licence, $says, $mark) : null;
    }

    private function habits(Fields $fields, Unit $unit): Habits
    {
        return new Habits(
            self::allowances($fields, $unit),
            new EndHabits(
                $fields->usually('habits.melting', Ending::Singe),
                $fields->usually('habits.gluing', Gluing::First),
                $fields->usually('habits.sealing', Sealing::Glue),
            ),
            new OrderHabits(
                working: $fields->usually('habits.working', Turn::First),
                stops: $fields->usually('habits.stops', Turn::Last),
                button: $fields->usually('habits.button', Turn::First),
                stringing: $fields->usually('habits.stringing', Stringing::Together),
                halves: $fields->usually('habits.halves', Halving::Together),
            ),
            new TyingHabits(
                side: $fields->usually('habits.side', Side::Left),
                crossing: $fields->usually('habits.crossing', Crossing::Front),
                joining: $fields->usually('habits.joining', Joining::Laid),
                loopEnd: $fields->usually('habits.loopEnd', LoopEnd::Long),
            ),
            $fields->usually('habits.reminders', Reminders::Always),
        );
    }

    private static function allowances(Fields $fields, Unit $unit): Allowances
    {
        [$zero, $far] = [Length::zero(), Length::ofMillimetres(300)];

        return new Allowances(
            $fields->length('habits.rounding', $unit, Length::ofMillimetres(0.5), Length::ofMillimetres(100)),
            $fields->length('habits.coreEnds', $unit, $zero, $far),
            $fields->length('habits.workingEnds', $unit, $zero, $far),
            $fields->length('habits.tailEnd', $unit, $zero, $far),
            $fields->number('habits.sliderKnots', 1, 20),
        );
    }

    private function wearer(Fields $fields, Unit $unit): ?Wearer
    {
        $place = $fields->choice('wearer.place', BodyPlace::class, BodyPlace::Wrist);
        $girth = $fields->required('wearer.girth', $unit)->measured(
            'wearer.girth',
            $unit,
            ($place ?? BodyPlace::Wrist)->girth(),
        );
        $measured = $fields->choice('wearer.measured', Measured::class, Measured::Snug);
        $hand = $fields->measured('wearer.hand', $unit, ($place ?? BodyPlace::Wrist)->passing());
        $upper = $fields->length('wearer.upper', $unit, Length::ofMillimetres(70), Length::ofMillimetres(900));
        $upperAt = $fields->length('wearer.upperAt', $unit, Length::ofMillimetres(5), Length::ofMillimetres(500));

        return null === $girth || null === $measured || null === $place ? null : new Wearer(
            $girth,
            $measured,
            $hand,
            $place,
            $upper,
            $upperAt,
        );
    }

    private function sample(Fields $fields, string $path): ?Sample
    {
        [$least, $most] = [Length::ofMillimetres(0.2), Length::ofMillimetres(500)];
        $bare = Unit::Millimetre;
        $pitch = $fields->required($path.'.pitch', $bare)->length($path.'.pitch', $bare, $least, $most);
        $use = $fields->required($path.'.use', $bare)->length($path.'.use', $bare, $least, $most);

        return null === $pitch || null === $use ? null : new Sample($pitch, $use);
    }

    private function closure(Fields $fields, Unit $unit, Habits $habits): ?ClosureWish
    {
        if (!$fields->has('closure')) {
            return null;
        }
        $kind = $fields->known(
            'closure.kind',
            $this->closures->named(...),
            $this->closures->ids(),
            new SquareSliding(),
        );
        $start = $fields->choice('closure.start', EndForm::class, EndForm::Loop);
        $finish = $fields->choice('closure.finish', EndForm::class, EndForm::Findings);
        $knot = self::knot($fields, $habits);
        $reach = self::reach($fields, $unit);
        $loop = self::loop($fields);
        $this->onlyAsked($fields, $kind);

        return null === $kind || null === $knot || null === $loop || null === $start || null === $finish
            ? null
            : new ClosureWish($kind, $fields->names('closure.findings'), $knot, $reach, $loop, $start, $finish);
    }

    private static function knot(Fields $fields, Habits $habits): ?KnotWish
    {
        $knots = $fields->number('closure.knots', 1, 20, $habits->sliderKnots());
        $wraps = $fields->number('closure.wraps', 1, 5, 3);

        return null === $knots || null === $wraps ? null : new KnotWish(
            $knots,
            $wraps,
            glued: $fields->yes('closure.glued'),
            spaced: $fields->yes('closure.spaced'),
            plain: $fields->yes('closure.plain'),
        );
    }

    private static function reach(Fields $fields, Unit $unit): ReachWish
    {
        return new ReachWish(
            $fields->length('closure.tail', $unit, Length::ofMillimetres(5), Length::ofMillimetres(600)),
            $fields->parsed('closure.tails', static fn (string $text): Tails => Tails::parse($text, $unit), null),
            $fields->length('closure.short', $unit, Length::ofMillimetres(1), Length::ofMillimetres(200)),
            $fields->parsed('closure.shows', static fn (string $text): Shows => Shows::parse($text, $unit), null),
        );
    }

    private static function loop(Fields $fields): ?LoopWish
    {
        $loops = $fields->number('closure.loops', 1, 6, 1);
        $play = $fields->length('closure.play', Unit::Millimetre, Length::zero(), Length::ofMillimetres(20));
        $behind = $fields->number('closure.behind', 0, 10, 0);

        return null === $loops || null === $behind
            ? null
            : new LoopWish($loops, $fields->yes('closure.knotted'), $play, $behind);
    }

    /**
     * Refuses by name what a closure of that kind does not know.
     */
    private function onlyAsked(Fields $fields, ?ClosureKind $kind): void
    {
        $known = null === $kind ? ClosureOption::fields() : ClosureOption::ofKind($kind);
        foreach (array_diff(ClosureOption::fields(), $known) as $field) {
            if ($fields->has('closure.'.$field)) {
                $fields->fault('closure.'.$field, new Message('closure-unasked', [
                    'field' => $field,
                    'closure' => $kind?->id() ?? '',
                    'known' => [] === $known ? new Message('nothing') : $known,
                ]));
            }
        }
    }

    private static function isKnot(string $word, KnownKnots $knots): bool
    {
        return null !== $knots->named($word) || \in_array($word, self::SECTIONS, true);
    }

    private static function noKnot(string $word, KnownKnots $knots): Message
    {
        return new Message(
            'knot-unknown',
            ['name' => new Quoted($word), 'known' => [...$knots->words(), ...self::SECTIONS]],
        );
    }
}
