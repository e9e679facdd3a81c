<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Ivy Yoke</title></head><body>Ivy Yoke</body></html>
