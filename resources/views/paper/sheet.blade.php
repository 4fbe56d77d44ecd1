<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="UTF-8">
<title>{{ $title }}</title>
<style>
@page { margin: 14mm 13mm; }
body { margin: 0; color: #1d1a16; font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.35; }
h1 { margin: 0 0 1mm; font-size: 15pt; }
p { margin: 0 0 2mm; }
.muted { color: #5c554c; }
table { width: 100%; border-collapse: collapse; }
th { padding: 1mm 1.5mm; border-bottom: 0.5mm solid #1d1a16; text-align: left; font-size: 8pt; }
td { padding: 1.4mm 1.5mm; border-bottom: 0.2mm solid #b9b0a3; vertical-align: top; }
tr { page-break-inside: avoid; }
thead { display: table-header-group; }
.number { text-align: right; white-space: nowrap; }
.tick { width: 4mm; height: 4mm; border: 0.3mm solid #1d1a16; }
@yield('style')
</style>
</head>
<body>
@yield('sheet')
</body>
</html>
