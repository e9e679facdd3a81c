<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The language that a person, or an owner behind a private link, reads; the link's units too, where they are not its
 * maker's.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE users ADD COLUMN language VARCHAR(5) NOT NULL DEFAULT 'en'");
        DB::statement("ALTER TABLE card_links ADD COLUMN language VARCHAR(5) NOT NULL DEFAULT 'en'");
        DB::statement('ALTER TABLE card_links ADD COLUMN fineness VARCHAR(20) NULL');
    }
};
