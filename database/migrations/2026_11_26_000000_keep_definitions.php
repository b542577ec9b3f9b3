<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Own definitions have revisions, as programs have, and are taken away so that they can be brought back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('definition_revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('slug');
            $table->unsignedInteger('number');
            $table->text('document');
            $table->timestamp('created_at');
            $table->unique(['kind', 'slug', 'number']);
        });
        Schema::table('definitions', function (Blueprint $table): void {
            $table->unsignedInteger('head')->default(1);
            $table->softDeletes();
        });
        foreach (DB::table('definitions')->get() as $one) {
            DB::table('definition_revisions')->insert([
                'kind' => $one->kind, 'slug' => $one->slug, 'number' => 1, 'document' => $one->document, 'created_at' => $one->updated_at ?? now(),
            ]);
        }
    }
};
