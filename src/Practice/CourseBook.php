<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Table\Design;
use Rinkel\Core\Lesson\CourseRecord;
use Rinkel\Core\Lesson\Evening;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The course as one learner has it: its pieces for their wrist, and how far they have come.
 */
final readonly class CourseBook
{
    /** For whom its pieces are while no wrist was measured, in mm. */
    private const USUAL = 160.0;

    /**
     * @param CacheInterface $kept pictures that only another release changes
     */
    public function __construct(
        private Preferences $preferences,
        private Practices $practices,
        private PieceReader $reader,
        private Planner $planner,
        private PagePictures $pictures,
        private TranslatorInterface $translator,
        #[Autowire(service: 'cache.system')]
        private CacheInterface $kept,
    ) {}

    public function record(): CourseRecord
    {
        $record = CourseRecord::read($this->preferences->custom(Custom::Course));

        return $record instanceof CourseRecord ? $record : CourseRecord::begun();
    }

    public function keep(CourseRecord $record): void
    {
        $this->preferences->keep([Custom::Course->value => $record->written()]);
    }

    /**
     * Returns for which wrist pieces are made.
     */
    public function wrist(): Length
    {
        return $this->record()->wrist ?? Length::ofMillimetres(self::USUAL);
    }

    /**
     * @throws PieceUnreadable If no such piece can be made for that wrist
     */
    public function piece(Evening $evening, ?Length $wrist = null): PieceSpec
    {
        $piece = $this->made($evening, $wrist ?? $this->wrist(), [
            'name' => $this->translator->trans('course.piece', ['number' => $evening->number]),
            'unit' => $this->preferences->unit()->value,
        ] + $this->preferences->beginning());
        $this->planner->draft($piece);

        return $piece;
    }

    /**
     * @throws PieceUnreadable If no such piece can be made
     */
    public function plan(Evening $evening): Plan
    {
        return $this->planner->plan($this->piece($evening));
    }

    /**
     * Returns each evening's piece, drawn, and what it asks and needs, for a usual wrist.
     *
     * @return array<int, Design> by evening
     */
    public function designs(): array
    {
        return $this->kept->get('rinkel.course.1', fn (): array => array_map(function (Evening $evening): Design {
            $plan = $this->planner->plan($this->made($evening, Length::ofMillimetres(self::USUAL), [
                'name' => (string) $evening->number,
            ]));

            return Design::of($plan, $this->pictures->sample($plan, 'evening-'.$evening->number));
        }, TenEvenings::evenings()));
    }

    /**
     * @param array<string, mixed> $beside what its design does not say
     *
     * @throws PieceUnreadable If no such piece can be made for that wrist
     */
    private function made(Evening $evening, Length $wrist, array $beside): PieceSpec
    {
        return $this->reader->read([
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'wearer' => ['girth' => (string) $wrist],
        ] + $evening->design + $beside);
    }

    /**
     * Returns what each evening teaches that none before it did.
     *
     * @return array<int, list<string>> lessons, by evening
     */
    public function teaches(): array
    {
        [$known, $new] = [[], []];
        foreach ($this->designs() as $number => $design) {
            $new[$number] = array_values(array_diff($design->effort->lessons, $known));
            $known = [...$known, ...$new[$number]];
        }

        return $new;
    }

    /**
     * Returns whether the exercise of an evening was answered rightly the last time.
     */
    public function isPractised(Evening $evening): bool
    {
        return ($this->practices->boxes()[$evening->exercise] ?? null)?->box() > 1;
    }
}
