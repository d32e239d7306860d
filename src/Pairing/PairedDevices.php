<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Http\AccessToken;

/**
 * The devices that were paired: each with a token of its own, so that one can be removed and the others stay.
 */
final readonly class PairedDevices
{
    public const LONGEST = 60;

    /** Seconds after which it is noted again that a device was there. */
    private const NOTED = 60;

    /** What a browser says of itself, and what its machine is called then, the more special ones first. */
    private const MACHINES = [
        'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Macintosh' => 'Mac',
        'CrOS' => 'Chromebook', 'Linux' => 'Linux',
    ];

    public function __construct(
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private Randomizer $random,
    ) {}

    /**
     * Pairs a device, and returns the token by which it is known from now on.
     *
     * @param string $browser as it says what it is, from which the device has its first name
     */
    public function pair(string $browser): string
    {
        return $this->let($this->called($browser));
    }

    /**
     * Lets a program in, and returns the token that it sends with all it asks.
     */
    public function program(string $name): string
    {
        return $this->let(
            mb_substr(trim(preg_replace('/\s+/u', ' ', mb_scrub($name)) ?? ''), 0, self::LONGEST) ?: 'Program',
        );
    }

    private function let(string $name): string
    {
        $token = AccessToken::of($this->random);
        $this->entities->persist(new PairedDevice(
            bin2hex($this->random->getBytes(16)),
            $name,
            $token->proof(),
            $this->clock->now()->getTimestamp(),
        ));
        $this->entities->flush();

        return $token->text;
    }

    /**
     * Returns whether somebody with this token may come in, and notes that they were there.
     */
    public function knows(string $token): bool
    {
        $proof = AccessToken::read($token)?->proof();
        $device = null === $proof
            ? null
            : $this->entities->getRepository(PairedDevice::class)->findOneBy(['proof' => $proof]);
        $now = $this->clock->now()->getTimestamp();
        if (null !== $device && $device->seen() < $now - self::NOTED) {
            $device->see($now);
            $this->entities->flush();
        }

        return null !== $device;
    }

    /**
     * @return list<PairedDevice> paired last first
     */
    public function all(): array
    {
        return $this->entities->getRepository(PairedDevice::class)->findBy([], ['id' => 'DESC']);
    }

    public function rename(string $uid, string $name): bool
    {
        $device = $this->find($uid);
        $name = mb_substr(trim(preg_replace('/\s+/u', ' ', $name) ?? ''), 0, self::LONGEST);
        if (null === $device || '' === $name) {
            return false;
        }
        $device->rename($name);
        $this->entities->flush();

        return true;
    }

    public function remove(string $uid): void
    {
        $device = $this->find($uid);
        if (null !== $device) {
            $this->entities->remove($device);
            $this->entities->flush();
        }
    }

    private function find(string $uid): ?PairedDevice
    {
        return $this->entities->getRepository(PairedDevice::class)->findOneBy(['uid' => $uid]);
    }

    private function called(string $browser): string
    {
        $name = 'Device';
        foreach (self::MACHINES as $said => $called) {
            if (str_contains($browser, $said)) {
                $name = $called;
                break;
            }
        }
        $taken = array_map(static fn (PairedDevice $one): string => $one->name(), $this->all());
        $free = $name;
        for ($number = 2; \in_array($free, $taken, true); ++$number) {
            $free = $name.' '.$number;
        }

        return $free;
    }
}
