<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * The settings of a workshop, all of them together: one row; and one for each member who set something otherwise.
 */
final readonly class KeptSettings implements Kept
{
    /** No thing is called so. */
    public const UID = '00000000000000000000000000000001';

    public function __construct(
        private EntityManagerInterface $manager,
        private Preferences $preferences,
    ) {}

    public function word(): string
    {
        return 'settings';
    }

    public function folder(): string
    {
        return 'settings';
    }

    public function page(): string
    {
        return 'settings';
    }

    public function rank(): int
    {
        return 0;
    }

    public function stores(): array
    {
        return [StoredSetting::class];
    }

    public function uids(): iterable
    {
        foreach ($this->manager->getConnection()->fetchFirstColumn(
            'SELECT DISTINCT member FROM setting ORDER BY member',
        ) as $member) {
            yield \is_string($member) && '' !== $member ? $member : self::UID;
        }
    }

    public function find(string $uid): ?StoredSetting
    {
        return $this->of(self::member($uid))[0] ?? null;
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredSetting);
        $isOne = '' !== $stored->member();
        $row = ['uid' => $isOne ? $stored->member() : self::UID];
        foreach ($this->of($stored->member()) as $setting) {
            // That somebody set nothing says something where the workshop did.
            $row += $isOne || '' !== $setting->text() ? [$setting->name() => $setting->text()] : [];
        }

        return $row;
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredSetting);
        if ('' !== $stored->text()) {
            $this->readable([$stored->name() => $stored->text()]);
        }
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        $texts = [];
        foreach (Preferences::names() as $name) {
            $text = Rows::text($row, $name, 200);
            $isSaid = '' !== $text || (self::UID !== $uid && isset($row[$name]));
            $texts += $isSaid ? [$name => $text] : [];
        }
        $this->readable(array_filter($texts, static fn (string $text): bool => '' !== $text));
        ksort($texts);

        return new Row($uid, '', ['uid' => $uid] + $texts);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $texts = [];
        foreach (Preferences::names() as $name) {
            // A file from before the course, or of somebody who has not begun it, says nothing of how far one is.
            $isAll = self::UID === $row->uid && (Custom::tryFrom($name)?->isChosen() ?? true);
            $isSaid = $isAll || isset($row->data[$name]);
            $texts += $isSaid ? [$name => Rows::text($row->data, $name, 200)] : [];
        }
        $this->preferences->keep($texts, self::member($row->uid));
    }

    public function remove(object $stored): void
    {
        \assert($stored instanceof StoredSetting);
        array_map($this->manager->remove(...), $this->of($stored->member()));
        $this->manager->flush();
    }

    /**
     * @return list<StoredSetting> by name
     */
    private function of(string $member): array
    {
        return $this->manager->getRepository(StoredSetting::class)->findBy(['member' => $member], ['name' => 'ASC']);
    }

    private static function member(string $uid): string
    {
        return self::UID === $uid ? '' : $uid;
    }

    /**
     * @param array<string, string> $texts by name
     */
    private function readable(array $texts): void
    {
        foreach ($texts as $name => $text) {
            $read = $this->preferences->read($name, $text, Unit::tryFrom($texts['unit'] ?? '') ?? Unit::Centimetre);
            if (\is_array($read)) {
                throw PieceUnreadable::because($read);
            }
        }
    }
}
