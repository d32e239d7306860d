<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Workshop\Personal;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Symfony\Contracts\Service\ResetInterface;

/**
 * How this maker works: what every new piece begins with, and how Rinkel speaks and shows. What belongs to pieces is a
 * place in the open format and is read by its reader, so that nothing can be set that no piece could have.
 */
final class Preferences implements Personal, ResetInterface
{
    /** @var array<string, string>|null all, once they were asked for */
    private ?array $known = null;

    /** What every new piece begins with, and where in a piece it stands. */
    public const PLACES = [
        'unit' => 'unit', 'tension' => 'tension', 'risk' => 'risk', 'gauge' => 'gauge', 'side' => 'habits.side',
        'rounding' => 'habits.rounding', 'coreEnds' => 'habits.coreEnds', 'workingEnds' => 'habits.workingEnds',
        'tailEnd' => 'habits.tailEnd', 'sliderKnots' => 'habits.sliderKnots', 'melting' => 'habits.melting',
        'gluing' => 'habits.gluing', 'working' => 'habits.working', 'stops' => 'habits.stops',
        'button' => 'habits.button', 'crossing' => 'habits.crossing', 'stringing' => 'habits.stringing',
        'halves' => 'habits.halves', 'joining' => 'habits.joining', 'reminders' => 'habits.reminders',
        'loopEnd' => 'habits.loopEnd', 'sealing' => 'habits.sealing',
    ];

    /** Of those the ones that are lengths. */
    private const LENGTHS = ['gauge', 'rounding', 'coreEnds', 'workingEnds', 'tailEnd'];

    /** What a piece has that says nothing of it, where it always has one or the other. */
    public const UNSAID = [
        'side' => 'left', 'melting' => 'singe', 'gluing' => 'first', 'working' => 'first', 'stops' => 'last',
        'button' => 'first', 'crossing' => 'front', 'stringing' => 'together', 'halves' => 'together',
        'joining' => 'laid',
        'reminders' => 'always', 'loopEnd' => 'long', 'sealing' => 'glue',
    ];

    /** What is chosen one way or the other: its name, what is not as usual, and the words for both. */
    public const CHOICES = [
        ['side', 'right', 'side'], ['crossing', 'behind', 'crossing'], ['joining', 'bound', 'joining'],
        ['stringing', 'singly', 'stringing'], ['halves', 'in-turn', 'halves-when'], ['melting', 'glue', 'melting'],
        ['sealing', 'varnish', 'sealing'], ['gluing', 'last', 'gluing'],
        ['working', 'last', 'working-when'], ['stops', 'first', 'stops-when'],
        ['button', 'last', 'button-when'], ['loopEnd', 'short', 'loop-end'], ['reminders', 'once', 'reminders'],
    ];

    /** A piece with nothing to it. */
    private const WHICHEVER = [
        'format' => PieceReader::FORMAT,
        'version' => PieceReader::VERSION,
        'construction' => 'square-knot-band',
        'name' => 'Piece',
        'wearer' => ['girth' => '16 cm'],
    ];

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly PieceReader $reader,
        private readonly PieceWriter $writer,
        private readonly Workshop $workshop,
    ) {}

    public function reset(): void
    {
        $this->known = null;
    }

    /**
     * @return list<string> of all that can be set
     */
    public static function names(): array
    {
        return [...array_keys(self::PLACES), ...array_column(Custom::cases(), 'value')];
    }

    /**
     * @return array<string, string> as written, "" where nothing is said
     */
    public function all(): array
    {
        return $this->known ??= $this->stored();
    }

    /**
     * @return array<string, string>
     */
    private function stored(): array
    {
        $texts = array_fill_keys(self::names(), '');
        // Asked with every page: plain rows are enough, and always those of now.
        // What somebody set for themselves comes after what holds for all.
        $stored = $this->manager->getConnection()->fetchAllKeyValue(
            "SELECT name, text FROM setting WHERE member IN ('', ?) ORDER BY member",
            [$this->workshop->myUid()],
        );
        foreach ($stored as $name => $text) {
            if (\is_string($text) && isset($texts[$name])) {
                $texts[$name] = $text;
            }
        }

        return $texts;
    }

    public function unit(): Unit
    {
        return Unit::tryFrom($this->all()['unit']) ?? Unit::Centimetre;
    }

    /**
     * Returns what was chosen, the usual where nothing was or what was cannot be read; "" for a number that nobody set.
     */
    public function custom(Custom $custom): string
    {
        $text = $this->all()[$custom->value];

        return '' === $text || $custom->read($text) instanceof Message ? $custom->choices()[0] ?? '' : $text;
    }

    /**
     * Keeps what can be read of $texts.
     *
     * @param array<string, string> $texts by name
     * @param string|null           $whose "" of the workshop, a member's uid, null for who asks
     *
     * @return array<string, non-empty-list<Fault>> what is wrong, by name
     */
    public function keep(array $texts, ?string $whose = null): array
    {
        $texts = array_map(trim(...), array_intersect_key($texts, array_flip(self::names())));
        $unit = Unit::tryFrom($texts['unit'] ?? '') ?? Unit::Centimetre;
        $faults = [];
        foreach ($texts as $name => $text) {
            $read = '' === $text ? '' : $this->read($name, $text, $unit);
            if (\is_array($read)) {
                $faults[$name] = $read;
            } else {
                $this->write($name, $read, $whose ?? $this->workshop->myUid());
            }
        }
        $this->manager->flush();
        $this->known = null;

        return $faults;
    }

    /**
     * Returns a setting as it is kept, or what is wrong with it.
     *
     * @return non-empty-list<Fault>|string
     */
    public function read(string $name, string $text, Unit $unit): array|string
    {
        $custom = Custom::tryFrom($name);
        if (null !== $custom) {
            $read = $custom->read($text);

            return $read instanceof Message ? [new Fault($name, $read)] : $read;
        }
        try {
            $piece = $this->reader->read(array_replace_recursive(
                self::WHICHEVER,
                self::placed([$name => $text] + ['unit' => $unit->value]),
            ));

            return self::texts($this->writer->write($piece))[$name] ?? $text;
        } catch (PieceUnreadable $unreadable) {
            return $unreadable->faults;
        }
    }

    /**
     * Returns what a new piece begins with, as a part of its document.
     *
     * @return array<string, mixed>
     */
    public function beginning(): array
    {
        /** @var array<string, mixed> */
        return array_diff_key(self::placed($this->usual()), ['unit' => '']);
    }

    /**
     * @return array<string, string> what every new piece begins with, by name; without what cannot be read any more
     */
    private function usual(): array
    {
        $unit = $this->unit();

        return array_filter(
            array_intersect_key($this->all(), self::PLACES),
            fn (string $text, string $name): bool => '' !== $text && \is_string($this->read($name, $text, $unit)),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * Returns in which of them a piece is otherwise, and what the maker usually has.
     *
     * @return array<string, string> by place in the piece
     */
    public function differing(PieceSpec $piece): array
    {
        $here = self::texts($this->writer->write($piece));
        $differing = [];
        foreach (array_diff_key($this->usual(), ['unit' => '']) as $name => $usual) {
            $is = $here[$name] ?? self::UNSAID[$name] ?? '';
            if ('' !== $is && !self::same($name, $is, $usual)) {
                $differing[self::PLACES[$name]] = $usual;
            }
        }

        return $differing;
    }

    /**
     * Returns whether two texts say the same; a length is the same in any unit.
     */
    private static function same(string $name, string $one, string $other): bool
    {
        return $one === $other || (\in_array($name, self::LENGTHS, true) && Length::parse($one, Unit::Centimetre)
            ->equals(Length::parse($other, Unit::Centimetre)));
    }

    /**
     * Returns settings where they stand in a piece's document; numbers as such, nothing where nothing is said.
     *
     * @param array<string, string> $texts by name
     *
     * @return array<mixed>
     */
    private static function placed(array $texts): array
    {
        $document = [];
        foreach (array_filter($texts, static fn (string $text): bool => '' !== $text) as $name => $text) {
            $value = 1 === preg_match('/^\d{1,9}$/D', $text) && !\in_array(
                $name,
                self::LENGTHS,
                true,
            ) ? (int) $text : $text;
            FieldTexts::put($document, self::PLACES[$name] ?? $name, $value);
        }

        return $document;
    }

    /**
     * Returns settings as they stand in a piece's document.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, string> by name, those that are there
     */
    private static function texts(array $document): array
    {
        $texts = [];
        foreach (self::PLACES as $name => $place) {
            $steps = explode('.', $place);
            $value = $document[$steps[0]] ?? null;
            $value = isset($steps[1]) ? (\is_array($value) ? $value[$steps[1]] ?? null : null) : $value;
            if (\is_scalar($value)) {
                $texts[$name] = (string) $value;
            }
        }

        return $texts;
    }

    /**
     * What holds for the workshop goes to nobody: each has it as long as they set nothing else.
     */
    public function pass(string $from, string $to): void
    {
        if ('' !== $from) {
            $texts = [];
            foreach ($this->manager->getRepository(StoredSetting::class)->findBy(['member' => $from]) as $stored) {
                $texts[$stored->name()] = $stored->text();
                $this->manager->remove($stored);
            }
            $this->keep($texts, $to);
        }
    }

    private function write(string $name, string $text, string $whose): void
    {
        $member = true === Custom::tryFrom($name)?->isCommon() ? '' : $whose;
        $stored = $this->manager->find(StoredSetting::class, ['name' => $name, 'member' => $member]);
        if (null === $stored) {
            $stored = new StoredSetting($name, $text, $member);
            $this->manager->persist($stored);
        }
        $stored->write($text);
    }
}
