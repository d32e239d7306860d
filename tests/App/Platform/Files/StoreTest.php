<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Files;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Files\Store;

final class StoreTest extends TestCase
{
    public function testAFolderKeepsWhatItIsGiven(): void
    {
        $folder = sys_get_temp_dir().'/rinkel-store-'.bin2hex(random_bytes(4));
        $store = new Store($folder);
        self::assertTrue($store->isApart());
        self::assertNull($store->read('photos/a.jpg'));
        $store->keep('photos/a.jpg', "\xff\xd8 a");
        $store->keep('photos/b.jpg', 'b');
        $store->keep('photos/a.jpg', 'again');

        self::assertSame('again', $store->read('photos/a.jpg'));
        self::assertEqualsCanonicalizing(['photos/a.jpg', 'photos/b.jpg'], array_keys($store->in('photos')));
        self::assertSame(0o600, 0o777 & (int) fileperms($folder.'/photos/a.jpg'), 'nobody else reads it');
        self::assertSame(0o700, 0o777 & (int) fileperms($folder.'/photos'));
        $store->remove('photos/a.jpg');
        $store->remove('photos/a.jpg');
        self::assertNull($store->read('photos/a.jpg'));
        $store->remove('photos/b.jpg');
        rmdir($folder.'/photos');
        rmdir($folder);
        self::assertFalse((new Store(''))->isApart());
    }
}
