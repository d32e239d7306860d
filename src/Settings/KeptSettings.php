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
 * A maker's settings, all of them together: one row.
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
        return null === $this->find(self::UID) ? [] : [self::UID];
    }

    public function find(string $uid): ?StoredSetting
    {
        return self::UID === $uid
            ? $this->manager->getRepository(StoredSetting::class)->findOneBy([], ['name' => 'ASC'])
            : null;
    }

    public function row(object $stored): array
    {
        /** @var list<StoredSetting> $all */
        $all = $this->manager->getRepository(StoredSetting::class)->findBy([], ['name' => 'ASC']);
        $row = ['uid' => self::UID];
        foreach ($all as $setting) {
            $row += '' === $setting->text() ? [] : [$setting->name() => $setting->text()];
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
        $texts = [];
        foreach (Preferences::names() as $name) {
            $text = Rows::text($row, $name, 200);
            $texts += '' === $text ? [] : [$name => $text];
        }
        $this->readable($texts);
        ksort($texts);

        return new Row(self::UID, '', ['uid' => self::UID] + $texts);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $texts = [];
        foreach (Preferences::names() as $name) {
            $texts[$name] = Rows::text($row->data, $name, 200);
        }
        $this->preferences->keep($texts);
    }

    public function remove(object $stored): void
    {
        foreach ($this->manager->getRepository(StoredSetting::class)->findAll() as $setting) {
            $this->manager->remove($setting);
        }
        $this->manager->flush();
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
